import { keepPreviousData, QueryClient, queryOptions, useQuery } from "@tanstack/react-query";
import { answer, Away, server, type ChosenPiece, type JobView, type Schemas, type Stop } from "./client";
import { clockSaid, serverNow } from "./clock";
import { moneyIs } from "./money";

export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, problem) => problem instanceof Away && count < 30,
      retryDelay: 1000,
      staleTime: 2000,
    },
  },
});

function untilNextWait(job: JobView | undefined): number | false {
  const ends = (job?.treat.waits ?? [])
    .filter((wait) => wait.state === "RUNS")
    .map((wait) => Date.parse(wait.running.endsAt) - serverNow());
  return ends.length === 0 ? false : Math.max(1000, Math.min(...ends, 3_600_000));
}

export const jobQuery = (tag: string) =>
  queryOptions({
    queryKey: ["job", tag],
    queryFn: async () => {
      const job = await answer(server.GET("/api/jobs/{tag}", { params: { path: { tag } } }));
      clockSaid(job.now);
      return job;
    },
    refetchInterval: (query) => untilNextWait(query.state.data),
  });

/** Every line of a log: a job's, by its tag, or the shop's own. */
export const linesQuery = (log: string) =>
  queryOptions({
    queryKey: ["lines", log],
    queryFn: () => answer(server.GET("/api/logs/{log}/lines", { params: { path: { log } } })),
  });

export const benchQuery = queryOptions({
  queryKey: ["bench"],
  queryFn: async () => {
    const bench = await answer(server.GET("/api/bench"));
    clockSaid(bench.now);
    return bench;
  },
  refetchInterval: 30_000,
});

export const houseQuery = queryOptions({
  queryKey: ["house"],
  queryFn: async () => {
    const house = await answer(server.GET("/api/house"));
    moneyIs(house.practice.reckoning.money, house.moneyDigits);
    return house;
  },
  staleTime: Infinity,
});

export const findQuery = (words: string) =>
  queryOptions({
    queryKey: ["find", words],
    queryFn: () => answer(server.GET("/api/find", { params: { query: { words } } })),
    enabled: words.trim() !== "",
    placeholderData: keepPreviousData,
  });

export const readingQuery = (tag: string, text: string, stop: Stop | undefined, chosen: ChosenPiece[]) =>
  queryOptions({
    queryKey: ["reading", tag, text, stop ?? "", JSON.stringify(chosen)],
    queryFn: () =>
      answer(
        server.POST("/api/jobs/{tag}/read", { params: { path: { tag } }, body: { text, stop, chosen } }),
      ),
    enabled: text.trim() !== "" || chosen.length > 0,
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 5000,
    retry: false,
  });

export const lineKindsQuery = queryOptions({
  queryKey: ["line", "kinds"],
  queryFn: () => answer(server.GET("/api/line/kinds")),
  staleTime: Infinity,
});

export const agentsQuery = (materials: string[]) =>
  queryOptions({
    queryKey: ["agents", ...materials],
    queryFn: () => answer(server.GET("/api/agents", { params: { query: { materials } } })),
    enabled: materials.length > 0,
    placeholderData: keepPreviousData,
  });

export const guessQuery = (name: string) =>
  queryOptions({
    queryKey: ["guess", name],
    queryFn: () => answer(server.GET("/api/guess", { params: { query: { name } } })),
    enabled: name.trim() !== "",
    placeholderData: keepPreviousData,
  });

/** What the house says to a point, its kind and a lubricant, as far as they are chosen. */
export const oilingQuery = (point: string, kind = "", lubricant = "") =>
  queryOptions({
    queryKey: ["oiling", point, kind, lubricant],
    queryFn: () => answer(server.GET("/api/oiling", { params: { query: { point, kind, lubricant } } })),
    placeholderData: keepPreviousData,
  });

export const labelSheetsQuery = queryOptions({
  queryKey: ["labelSheets"],
  queryFn: () => answer(server.GET("/api/labels/sheets")),
  staleTime: Infinity,
});

/** What earlier jobs of the model say to this camera, as it is now. */
export const knownQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["known", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/known", { params: { path: { tag } } })),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });

/** What is known of a camera at the counter, by its maker, model and number. */
export const identifyQuery = (maker: string, model: string, serial: string, features: string[]) =>
  queryOptions({
    queryKey: ["identify", maker, model, serial, features],
    queryFn: () =>
      answer(server.GET("/api/identify", { params: { query: { maker, model, serial, features } } })),
    enabled: maker.trim() !== "" && model.trim() !== "",
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });

export const modelsQuery = queryOptions({
  queryKey: ["models"],
  queryFn: () => answer(server.GET("/api/models")),
});

export const modelQuery = (maker: string, model: string) =>
  queryOptions({
    queryKey: ["model", maker, model],
    queryFn: () => answer(server.GET("/api/models/one", { params: { query: { maker, model } } })),
  });

export const standsQuery = queryOptions({
  queryKey: ["stands"],
  queryFn: () => answer(server.GET("/api/stands")),
  staleTime: 60_000,
});

/** What the speeds of a phase say about the mechanism; null where too few were fired. */
export const patternQuery = (tag: string, phase: "BEFORE" | "AFTER", lastSequence: number) =>
  queryOptions({
    queryKey: ["pattern", tag, phase, lastSequence],
    queryFn: async () =>
      (await answer(
        server.GET("/api/jobs/{tag}/pattern", { params: { path: { tag }, query: { phase } } }),
      )) as Schemas["PatternSaid"] | null,
    placeholderData: keepPreviousData,
  });

/** Every firing by speed and in the order made, with what was done in between. */
export const faultMapQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["faultMap", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/fault-map", { params: { path: { tag } } })),
    placeholderData: keepPreviousData,
  });

/** Suspects with their odds, looks taken and looks worth taking. */
export const diagnosisQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["diagnosis", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/diagnosis", { params: { path: { tag } } })),
    placeholderData: keepPreviousData,
  });

/** What can be turned, and what to turn next; about the adjusters chosen, or those of use where none is. */
export const adjustersQuery = (tag: string, lastSequence: number, choose: string[]) =>
  queryOptions({
    queryKey: ["adjusters", tag, lastSequence, choose],
    queryFn: () =>
      answer(server.GET("/api/jobs/{tag}/adjusters", { params: { path: { tag }, query: { choose } } })),
    placeholderData: keepPreviousData,
  });

/** How a soil comes off a part as the camera stands now, for whoever signs. */
export const cleaningQuery = (
  tag: string,
  lastSequence: number,
  part: string,
  soil: string,
  by: string,
  materials: string[],
) =>
  queryOptions({
    queryKey: ["cleaning", tag, lastSequence, part, soil, by, materials],
    queryFn: () =>
      answer(
        server.GET("/api/jobs/{tag}/cleaning", {
          params: { path: { tag }, query: { part, soil, by, materials } },
        }),
      ),
    placeholderData: keepPreviousData,
  });

export interface CellsAsked {
  madeFor: number;
  circuit: string;
  volts?: number;
  readingEv?: number;
  otherVolts?: number;
  otherReadingEv?: number;
}

/** What each cell would do to a meter whose own is no longer made. */
export const meterCellsQuery = (asked: CellsAsked) =>
  queryOptions({
    queryKey: ["meterCells", asked],
    queryFn: () => answer(server.GET("/api/meter-cells", { params: { query: asked } })),
    retry: false,
  });

/** Every wait of the shop, and the places where things wait. */
export const waitsQuery = queryOptions({
  queryKey: ["waits"],
  queryFn: async () => {
    const waits = await answer(server.GET("/api/waits"));
    clockSaid(waits.now);
    return waits;
  },
  refetchInterval: 30_000,
});

/** What is known of faults and looks, and what of it was changed here. */
export const faultsQuery = queryOptions({
  queryKey: ["faults"],
  queryFn: () => answer(server.GET("/api/faults")),
});

/** What is known of adjusters, and what of it was changed here. */
export const knownAdjustersQuery = queryOptions({
  queryKey: ["knownAdjusters"],
  queryFn: () => answer(server.GET("/api/adjusters")),
});

/** What ears found at speeds that no instrument has timed since. */
export const earFindingsQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["earFindings", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/ear-findings", { params: { path: { tag } } })),
    placeholderData: keepPreviousData,
  });

/** How far each person's ear can be trusted. */
export const earsQuery = queryOptions({
  queryKey: ["ears"],
  queryFn: () => answer(server.GET("/api/ears")),
});

/** The light of one measured firing with its edges; it never changes. */
export const lightQuery = (tag: string, line: string, shot: number) =>
  queryOptions({
    queryKey: ["light", tag, line, shot],
    queryFn: () =>
      answer(
        server.GET("/api/jobs/{tag}/runs/{line}/light", {
          params: { path: { tag, line }, query: { shot } },
        }),
      ),
    staleTime: Infinity,
  });

/** Reads a typed amount; throws a {@link Problem} where it is none. Nothing typed is no amount. */
export const readAmount = async (typed: string) =>
  typed.trim() === "" ? undefined : answer(server.GET("/api/amount", { params: { query: { typed } } }));

/** Reads typed exposures; throws a {@link Problem} that names the piece which is none. */
export const readTimes = (typed: string) =>
  answer(server.GET("/api/times", { params: { query: { typed } } }));

/** The word for a choice, such as LENS_FRONT of "side". */
export function useWords() {
  const house = useQuery(houseQuery).data;
  return {
    choices: (kind: string) => house?.words[kind] ?? [],
    word: (kind: string, value: string) =>
      house?.words[kind]?.find((choice) => choice.value === value)?.label ?? value.toLowerCase(),
  };
}

/** The circuits of the stand-in, and what was read at this camera. */
export const wiringQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["wiring", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/wiring", { params: { path: { tag } } })),
    placeholderData: keepPreviousData,
  });

/** Holds the probes of the stand-in to two points. */
export const readMeter = (
  tag: string,
  query: { circuit: string; kind: "CONTINUITY" | "VOLTAGE" | "LOADED"; from: string; to: string },
) => answer(server.GET("/api/jobs/{tag}/wiring/reading", { params: { path: { tag }, query } }));

/** The points of a camera with what goes there and how far each is. */
export const oilSheetQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["oilSheet", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/oil-sheet", { params: { path: { tag } } })),
    placeholderData: keepPreviousData,
  });

/** The tables of agents, materials, soils and waits as they hold here. */
export const tablesQuery = queryOptions({
  queryKey: ["tables"],
  queryFn: () => answer(server.GET("/api/tables")),
});

/** What a part is made of, and from where that is known. */
export const madeOfQuery = (tag: string, lastSequence: number, part: string) =>
  queryOptions({
    queryKey: ["madeOf", tag, lastSequence, part],
    queryFn: () =>
      answer(server.GET("/api/jobs/{tag}/made-of", { params: { path: { tag }, query: { part } } })),
    enabled: part.trim() !== "",
    placeholderData: keepPreviousData,
  });
