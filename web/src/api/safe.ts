import { queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";

export type Backups = Schemas["BackupsNow"];
export type Finding = Schemas["DamageFound"];

/** What is damaged in the shop's file. */
export const healthQuery = queryOptions({
  queryKey: ["health"],
  queryFn: () => answer(server.GET("/api/health")),
  refetchInterval: 300_000,
});

/** How it stands with backups. */
export const backupsQuery = queryOptions({
  queryKey: ["backups"],
  queryFn: () => answer(server.GET("/api/backups")),
  refetchInterval: 300_000,
});

/** Makes a backup now; answers once it was checked. */
export const backUp = () => answer(server.POST("/api/backups"));

export const planBackups = (body: Schemas["BackupPlan"]) => answer(server.PUT("/api/backups/plan", { body }));

/** Somebody has taken note of something damaged. */
export const noteFinding = (id: number) =>
  answer(server.POST("/api/health/findings/{id}/noted", { params: { path: { id } } }));
