import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answer, server, type Schemas } from "./client";

export type Source = Schemas["Source"];
export type StockRow = Schemas["StockRow"];
export type DonorRow = Schemas["DonorRow"];
export type OrderRow = Schemas["OrderRow"];
export type CameraKind = Schemas["CameraKind"];

/** Stock by the words looked for; "low", "hardware" or "parts" alone. */
export const stockQuery = (find: string, only: string) =>
  queryOptions({
    queryKey: ["shelf", "stock", find, only],
    queryFn: () => answer(server.GET("/api/shelf/stock", { params: { query: { find, only } } })),
    placeholderData: keepPreviousData,
  });

export const donorsQuery = queryOptions({
  queryKey: ["shelf", "donors"],
  queryFn: () => answer(server.GET("/api/shelf/donors")),
});

export const donorQuery = (id: string) =>
  queryOptions({
    queryKey: ["shelf", "donors", id],
    queryFn: () => answer(server.GET("/api/shelf/donors/{id}", { params: { path: { id } } })),
    retry: false,
  });

/** A parts list for a model, by what came off its cameras here. */
export const partsOfQuery = (maker: string, model: string) =>
  queryOptions({
    queryKey: ["partsOf", maker, model],
    queryFn: () => answer(server.GET("/api/shelf/parts-of", { params: { query: { maker, model } } })),
    enabled: maker.trim() !== "" && model.trim() !== "",
  });

export const ordersQuery = queryOptions({
  queryKey: ["shelf", "orders"],
  queryFn: () => answer(server.GET("/api/shelf/orders")),
  refetchInterval: 60_000,
});

export const catalogueQuery = (find: string) =>
  queryOptions({
    queryKey: ["shelf", "catalogue", find],
    queryFn: () => answer(server.GET("/api/shelf/catalogue", { params: { query: { find } } })),
    placeholderData: keepPreviousData,
  });

export const interchangeQuery = queryOptions({
  queryKey: ["shelf", "interchange"],
  queryFn: () => answer(server.GET("/api/shelf/interchange")),
});

/** All needs of the shop, shared out together. */
export const needsQuery = queryOptions({
  queryKey: ["shelf", "needs"],
  queryFn: () => answer(server.GET("/api/needs")),
});

/** What it costs all needs together to give one of them a source of one's choice. */
export const insistingQuery = (tag: string, part: string, source: string) =>
  queryOptions({
    queryKey: ["shelf", "insisting", tag, part, source],
    queryFn: () => answer(server.GET("/api/needs/insisting", { params: { query: { tag, part, source } } })),
    enabled: source !== "",
    retry: false,
  });

/** From where a need of a camera can be met. */
export const sourcesQuery = (tag: string, lastSequence: number, part: string) =>
  queryOptions({
    queryKey: ["shelf", "sources", tag, lastSequence, part],
    queryFn: () =>
      answer(server.GET("/api/jobs/{tag}/sources", { params: { path: { tag }, query: { part } } })),
    enabled: part !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });

/** Brings a table in from a file: stock is added to, a catalogue takes the place of the one at hand. */
export async function takeTable(which: "stock" | "catalogue", by: string, table: Blob) {
  // as it is on the disk: the server finds out how its characters were saved
  const headers = { "Content-Type": "text/csv" };
  const plain = { params: { query: { by } }, headers, body: "", bodySerializer: () => table };
  return which === "stock"
    ? answer(server.POST("/api/shelf/stock.csv", plain))
    : answer(server.PUT("/api/shelf/catalogue.csv", plain));
}
