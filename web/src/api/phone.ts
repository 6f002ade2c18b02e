import { queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";

export type Focus = Schemas["Focus"];
export type PhoneNow = Schemas["PhoneNow"];
export type PhoneRow = Schemas["PhoneRow"];
export type CodeShown = Schemas["CodeShown"];

/** Phones that are paired with benches of whoever is here. */
export const phonesQuery = queryOptions({
  queryKey: ["phones"],
  queryFn: () => answer(server.GET("/api/phones")),
  staleTime: 60_000,
});

export const codeForPhone = (by: string, bench: string, onlyJob: string | undefined) =>
  answer(server.POST("/api/phones/codes", { body: { by, bench, onlyJob } }));

export const endPhone = (id: string) =>
  answer(server.DELETE("/api/phones/{id}", { params: { path: { id } } }));

export const benchShows = (bench: string, focus: Focus) =>
  answer(server.PUT("/api/phones/benches/{bench}", { params: { path: { bench } }, body: focus }));

/** What this phone is for now. */
export const phoneQuery = queryOptions({
  queryKey: ["phone"],
  queryFn: () => answer(server.GET("/api/phone")),
  retry: (count, problem) => problem.name === "Away" && count < 30,
});

export const pairPhone = (code: string) => answer(server.POST("/api/phone/pair", { body: { code } }));

export const pressAtBench = (press: "NEXT_SPEED") =>
  answer(server.POST("/api/phone/press", { body: { press } }));
