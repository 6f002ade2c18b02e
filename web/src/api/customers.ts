import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";

export type CustomerRow = Schemas["CustomerRow"];
export type CustomerPage = Schemas["CustomerPage"];

/** Who a customer is told by: the id of a card, else the name at a job. */
export interface CustomerKey {
  id?: string;
  name?: string;
}

/** Customers that fit what is looked for; the latest where nothing is. */
export const customersQuery = (find: string) =>
  queryOptions({
    queryKey: ["customers", "list", find],
    queryFn: () => answer(server.GET("/api/customers", { params: { query: { find } } })),
    placeholderData: keepPreviousData,
  });

/** All about one customer. */
export const customerQuery = (key: CustomerKey) =>
  queryOptions({
    queryKey: ["customers", "one", key],
    queryFn: () => answer(server.GET("/api/customers/one", { params: { query: key } })),
  });

/** Takes a person out of the books. */
export const blank = (body: Schemas["BlankAsked"]) => answer(server.POST("/api/customers/blank", { body }));

const asked = (key: CustomerKey) =>
  new URLSearchParams(key.id === undefined ? { name: key.name ?? "" } : { id: key.id }).toString();

/** All that is kept about a person, as a file. */
export const exportOf = (key: CustomerKey) => `/api/customers/one/export.json?${asked(key)}`;

/** The page of a customer. */
export const pageOf = (key: CustomerKey) => `/customers/one?${asked(key)}`;

/** Other stays of the camera of a job. */
export const earlierQuery = (tag: string, lastSequence: number) =>
  queryOptions({
    queryKey: ["earlier", tag, lastSequence],
    queryFn: () => answer(server.GET("/api/jobs/{tag}/earlier", { params: { path: { tag } } })),
    placeholderData: keepPreviousData,
  });

/** Stays of a camera that is being checked in. */
export const hereBeforeQuery = (maker: string, model: string, serial: string) =>
  queryOptions({
    queryKey: ["hereBefore", maker, model, serial],
    queryFn: () => answer(server.GET("/api/cameras/before", { params: { query: { maker, model, serial } } })),
    enabled: maker !== "" && model !== "" && serial !== "",
  });

/** How the shop is doing. */
export const figuresQuery = (months: number) =>
  queryOptions({
    queryKey: ["figures", months],
    queryFn: () => answer(server.GET("/api/figures", { params: { query: { months } } })),
    placeholderData: keepPreviousData,
  });
