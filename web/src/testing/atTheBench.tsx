import { forgetAnswers, answering } from "./server";
import { act, cleanup, render, screen } from "@testing-library/react";
import { QueryClientProvider } from "@tanstack/react-query";
import type { ReactElement } from "react";
import { createMemoryRouter, RouterProvider } from "react-router";
import { afterEach } from "vitest";
import type { JobView } from "../api/client";
import type { Right, WhoIsHere } from "../api/people";
import { queries } from "../api/queries";
import { dismiss } from "../hands/notices";
import { aJob } from "./examples";
import { aHouse } from "./house";

export { AWAY, answering, asked, logged, Refusal } from "./server";

afterEach(() => {
  cleanup();
  queries.clear();
  forgetAnswers();
  dismiss();
  localStorage.clear();
});

/** What every place may ask for: how the house works, and what a typed amount comes to. */
const ANYWHERE = {
  "GET /api/house": aHouse(),
  "GET /api/amount": ({ path }: { path: string }) => ({
    minor: Math.round(100 * Number(new URLSearchParams(path.split("?")[1]).get("typed")?.replace(",", "."))),
    currency: "EUR",
  }),
};

/** A Ruvant that answers to its own machine alone. */
const NOBODY_SIGNS_IN: WhoIsHere = {
  wanted: false,
  owned: false,
  codeTaken: false,
  signedIn: true,
  rights: ["LOOK", "BENCH", "DESK", "STOCK", "MONEY", "CUSTOMERS", "HOUSE"],
  phone: false,
  byPin: [],
};

/** Whoever is here may do everything but this; said after something is shown. */
export function mayNot(right: Right): void {
  act(() => {
    queries.setQueryData<WhoIsHere>(["here"], {
      ...NOBODY_SIGNS_IN,
      rights: NOBODY_SIGNS_IN.rights.filter((one) => one !== right),
    });
  });
}

/** Shows one room of a camera, with the server standing in; whatever is logged is answered with the job as it was. */
export function atTheBench(room: ReactElement, job: JobView = aJob(), address = ""): void {
  queries.setQueryData(["job", job.tag], job);
  queries.setQueryData(["house"], aHouse());
  queries.setQueryData(["here"], NOBODY_SIGNS_IN);
  answering({
    [`GET /api/jobs/${job.tag}`]: job,
    [`POST /api/logs/${job.tag}/lines`]: { log: job.tag, lastSequence: job.lastSequence },
    ...ANYWHERE,
  });
  const router = createMemoryRouter(
    [
      { path: "/camera/:tag/*", element: room },
      { path: "*", element: <p>elsewhere</p> },
    ],
    { initialEntries: [`/camera/${job.tag}/${address}`] },
  );
  render(
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
}

/** Shows something that belongs to no camera. */
export function inTheShop(room: ReactElement): void {
  queries.setQueryData(["house"], aHouse());
  queries.setQueryData(["here"], NOBODY_SIGNS_IN);
  answering(ANYWHERE);
  const router = createMemoryRouter(
    [
      { path: "/", element: room },
      { path: "*", element: <p>elsewhere</p> },
    ],
    { initialEntries: ["/"] },
  );
  render(
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
}

/** Whether something is called so, or so and what it is about: "Done" is "Done: slow speeds" as well. */
export const saying = (name: string) => (called: string) => called === name || called.startsWith(`${name}: `);

/** The field, button or row of this name. */
export const named = (role: string, name: string | RegExp) =>
  screen.getByRole(role, { name: typeof name === "string" ? saying(name) : name });
