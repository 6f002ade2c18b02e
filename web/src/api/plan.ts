import { queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";
import { clockSaid } from "./clock";

export type PlanTask = Schemas["PlanTask"];
export type PlanPage = Schemas["PlanPage"];
export type TodayPage = Schemas["TodayPage"];
export type PlanCamera = Schemas["PlanCamera"];
export type PlanReason = Schemas["Reason"];
export type Wish = Schemas["Wish"];
export type TrialPage = Schemas["TrialPage"];

/** As the plan sees fit. */
export const NO_WISH: Wish = {
  person: "",
  skill: "",
  rests: "",
  mornings: false,
  first: false,
  aside: false,
};

/** The plan moves on with the clock, so it is asked for now and then even where nothing is logged. */
const NOW_AND_THEN = 60_000;

export const planQuery = queryOptions({
  queryKey: ["plan"],
  queryFn: async () => {
    const plan = await answer(server.GET("/api/plan"));
    clockSaid(plan.now);
    return plan;
  },
  refetchInterval: NOW_AND_THEN,
});

export const todayQuery = (person: string) =>
  queryOptions({
    queryKey: ["today", person],
    queryFn: async () => {
      const today = await answer(server.GET("/api/today", { params: { query: { person } } }));
      clockSaid(today.now);
      return today;
    },
    refetchInterval: NOW_AND_THEN,
  });

export const hoursQuery = queryOptions({
  queryKey: ["hours"],
  queryFn: () => answer(server.GET("/api/hours")),
});

/** What work takes here, and how far forecasts were right. */
export const minutesQuery = queryOptions({
  queryKey: ["minutes"],
  queryFn: () => answer(server.GET("/api/plan/minutes")),
});

/** What would come of other wishes; nothing is stored. */
export const trial = (wishes: Schemas["TrialWish"][]): Promise<TrialPage> =>
  answer(server.POST("/api/plan/trial", { body: { wishes } }));

/** By when a camera would be done that comes in now. */
export const newcomerQuery = (camera: {
  maker: string;
  model: string;
  family: Schemas["Camera"]["family"];
  bodyType: Schemas["Camera"]["bodyType"];
  promised?: string;
}) =>
  queryOptions({
    queryKey: ["newcomer", camera],
    queryFn: () => answer(server.GET("/api/plan/newcomer", { params: { query: camera } })),
    enabled: camera.maker.trim() !== "" && camera.model.trim() !== "",
    staleTime: 30_000,
  });
