import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";

export type TypedDraft = Schemas["TypedDraft"];
export type DraftLine = TypedDraft["lines"][number];
export type Party = Schemas["Party"];
export type Pricing = Schemas["Pricing"];
export type PaperRow = Schemas["PaperRow"];
export type OpenBill = Schemas["OpenBill"];
export type Deposit = Schemas["Deposit"];
export type PaperKind = TypedDraft["kind"];

/** What is open, and the papers that fit what is looked for. */
export const accountsQuery = (find: string, kind?: PaperKind) =>
  queryOptions({
    queryKey: ["accounts", "page", find, kind ?? ""],
    queryFn: () => answer(server.GET("/api/accounts", { params: { query: { find, kind } } })),
    placeholderData: keepPreviousData,
  });

/** Papers and money of one job. */
export const jobAccountsQuery = (tag: string) =>
  queryOptions({
    queryKey: ["accounts", "job", tag],
    queryFn: () => answer(server.GET("/api/accounts/jobs/{tag}", { params: { path: { tag } } })),
  });

/** What a draft comes to; nothing is stored. */
export const totalsQuery = (draft: TypedDraft) =>
  queryOptions({
    queryKey: ["accounts", "totals", draft],
    queryFn: () => answer(server.POST("/api/accounts/totals", { body: draft })),
    placeholderData: keepPreviousData,
    retry: false,
  });

/** Sends a paper out under its number. */
export const issue = (body: Schemas["Issuing"]) => answer(server.POST("/api/accounts/papers", { body }));

/** The receipt of a payment. */
export const receipt = (body: Schemas["ReceiptAsked"]) =>
  answer(server.POST("/api/accounts/receipts", { body }));

/** A draft that credits all of a bill. */
export const creditOf = (number: string) =>
  answer(server.GET("/api/accounts/papers/{number}/credit", { params: { path: { number } } }));
