import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";

export type TypedSheet = Schemas["TypedSheet"];
export type TypedOption = TypedSheet["options"][number];
export type TypedStep = TypedOption["steps"][number];
export type TypedPart = TypedOption["parts"][number];
export type OptionRow = Schemas["OptionRow"];
export type OptionDate = Schemas["OptionDate"];
export type MessageAbout = Schemas["MessageAsked"]["about"];

const of = (tag: string) => ({ params: { path: { tag } } });

/** The sheet of options that holds, or a first one. */
export const optionsQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["options", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/options", of(tag))),
    placeholderData: keepPreviousData,
  });

/** What a sheet comes to; nothing is stored. */
export const figuresQuery = (tag: string, sheet: TypedSheet) =>
  queryOptions({
    queryKey: ["options", tag, "figures", sheet],
    queryFn: () => answer(server.POST("/api/jobs/{tag}/options/figures", { ...of(tag), body: sheet })),
    placeholderData: keepPreviousData,
    retry: false,
  });

/** When each option would be done; the plan is tried out for it, so it takes a moment. */
export const datesQuery = (tag: string, sheet: TypedSheet) =>
  queryOptions({
    queryKey: ["options", tag, "dates", sheet],
    queryFn: () => answer(server.POST("/api/jobs/{tag}/options/dates", { ...of(tag), body: sheet })),
    placeholderData: keepPreviousData,
    retry: false,
  });

/** A message to the owner as it would be sent. */
export const messageQuery = (tag: string, about: MessageAbout, question: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["message", tag, about, question, lastSequence],
    queryFn: () => answer(server.POST("/api/jobs/{tag}/message", { ...of(tag), body: { about, question } })),
    placeholderData: keepPreviousData,
    retry: false,
  });

/** Puts an e-mail to the owner into the outbox, and logs it. */
export const sendEmail = (tag: string, body: Schemas["EmailAsked"]) =>
  answer(server.POST("/api/jobs/{tag}/email", { ...of(tag), body }));

export const letterOf = (tag: string) => `/api/jobs/${tag}/options/letter.pdf`;
