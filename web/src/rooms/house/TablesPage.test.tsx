import { answering, inTheShop, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { TablesPage } from "./TablesPage";

const naphtha = {
  id: "naphtha",
  label: "Naphtha",
  use: "grease",
  flashOffMinutes: 10,
  flammable: true,
  waterBased: false,
  caution: "",
  verdicts: { cloth: { verdict: "NO", reason: "eats it" } },
};
const tables = {
  materials: {
    version: 1,
    materials: [{ id: "cloth", label: "Cloth", words: ["curtain"] }],
    agents: [naphtha],
    soils: [
      {
        id: "grease",
        label: "Old grease",
        agents: ["naphtha"],
        methods: [],
        note: "",
        optics: false,
        caution: "",
      },
    ],
    methods: [],
    cautions: [],
  },
  waits: [
    { id: "coat", label: "enamel coat", minutes: 120, latestMinutes: 0, station: "", late: "", then: "" },
  ],
  nouns: [],
  changed: [],
  differences: [],
};
const posted = () => logged().map((one) => (one.kind === "tablesChanged" ? one.changes : one));

it("changes one verdict and leaves the agent's others", async () => {
  inTheShop(<TablesPage />);
  answering({ "GET /api/tables": tables, "POST /api/logs/house/lines": { log: "house", lastSequence: 1 } });
  fireEvent.click(await screen.findByRole("button", { name: /Naphtha on Cloth/ }));
  fireEvent.change(screen.getByLabelText("Why"), { target: { value: "only its edge" } });
  fireEvent.click(named("button", "Save"));
  await waitFor(() =>
    expect(posted()).toMatchObject([
      {
        agents: [
          {
            id: "naphtha",
            flashOffMinutes: 10,
            verdicts: { cloth: { verdict: "NO", reason: "only its edge" } },
          },
        ],
      },
    ]),
  );
});

it("says that a verdict wants a reason, and keeps what was chosen", async () => {
  inTheShop(<TablesPage />);
  answering({
    "GET /api/tables": tables,
    "POST /api/logs/house/lines": new Refusal(409, {
      detail: "“Naphtha on cloth: no” has no reason.",
      remedy: "Say in a few words what happens.",
    }),
  });
  fireEvent.click(await screen.findByRole("button", { name: /Naphtha on Cloth/ }));
  fireEvent.change(screen.getByLabelText("Why"), { target: { value: " " } });
  fireEvent.click(named("button", "Save"));
  expect((await screen.findByRole("alert")).textContent).toContain("has no reason");
  expect(screen.getByLabelText<HTMLInputElement>("Why").value).toBe(" ");
});

it("adds an agent together with the soils it is for", async () => {
  inTheShop(<TablesPage />);
  answering({ "GET /api/tables": tables, "POST /api/logs/house/lines": { log: "house", lastSequence: 1 } });
  fireEvent.click(await screen.findByRole("button", { name: "Add an agent…" }));
  fireEvent.change(screen.getByLabelText("Name"), { target: { value: "Ether" } });
  fireEvent.click(named("button", "Old grease"));
  fireEvent.click(named("button", "Save"));
  await waitFor(() =>
    expect(posted()).toMatchObject([
      { agents: [{ id: "own-ether" }], soils: [{ id: "grease", agents: ["naphtha", "own-ether"] }] },
    ]),
  );
});

it("sets how long a wait is here", async () => {
  inTheShop(<TablesPage />);
  answering({ "GET /api/tables": tables, "POST /api/logs/house/lines": { log: "house", lastSequence: 1 } });
  fireEvent.click(await screen.findByRole("radio", { name: "Waits" }));
  fireEvent.change(screen.getByLabelText("Minutes of enamel coat"), { target: { value: "150" } });
  fireEvent.click(named("button", "Save"));
  await waitFor(() => expect(posted()).toMatchObject([{ waits: [{ id: "coat", minutes: 150 }] }]));
});
