import { queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";

export type WhoIsHere = Schemas["WhoIsHere"];
export type Right = WhoIsHere["rights"][number];
export type AccountRow = Schemas["AccountRow"];
export type Person = AccountRow["person"];
export type SessionRow = Schemas["SessionRow"];
export type TrustedBench = Schemas["TrustedBench"];

/** Who is signed in in this browser, and whether anybody has to be. */
export const hereQuery = queryOptions({
  queryKey: ["here"],
  queryFn: () => answer(server.GET("/api/enter")),
  staleTime: 60_000,
});

export const enter = {
  byPassphrase: (name: string, passphrase: string, bench: string) =>
    answer(server.POST("/api/enter/passphrase", { body: { name, passphrase, bench } })),
  byPin: (name: string, pin: string) => answer(server.POST("/api/enter/pin", { body: { name, pin } })),
  byCode: (code: string, name: string, passphrase: string) =>
    answer(server.POST("/api/enter/code", { body: { code, name, passphrase } })),
  leave: () => answer(server.POST("/api/enter/leave")),
};

export const accountsHeldQuery = queryOptions({
  queryKey: ["people"],
  queryFn: () => answer(server.GET("/api/people")),
});

export const saveAccount = (person: Person, passphrase: string) =>
  answer(server.POST("/api/people", { body: { person, passphrase } }));

export const endAccount = (id: string) =>
  answer(server.DELETE("/api/people/{id}", { params: { path: { id } } }));

export const ownPin = (passphrase: string, pin: string) =>
  answer(server.POST("/api/people/own/pin", { body: { passphrase, pin } }));

export const ownPassphrase = (old: string, next: string) =>
  answer(server.POST("/api/people/own/passphrase", { body: { old, next } }));

export const sessionsQuery = queryOptions({
  queryKey: ["sessions"],
  queryFn: () => answer(server.GET("/api/people/sessions")),
});

export const endSession = (id: string) =>
  answer(server.DELETE("/api/people/sessions/{id}", { params: { path: { id } } }));

export const trustedBenchesQuery = queryOptions({
  queryKey: ["trustedBenches"],
  queryFn: () => answer(server.GET("/api/people/benches")),
});

export const endTrust = (id: string) =>
  answer(server.DELETE("/api/people/benches/{id}", { params: { path: { id } } }));

/** How other devices reach this Ruvant. */
export const networkQuery = queryOptions({
  queryKey: ["network"],
  queryFn: () => answer(server.GET("/api/network")),
  staleTime: Infinity,
});

export const AUTHORITY_FILE = "/api/network/authority.crt";
