import { answering, asked, inTheShop } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { expect, it } from "vitest";
import { NewcomerDone } from "./NewcomerDone";

const TWIN = {
  maker: "Pellworm",
  model: "Twin",
  family: "LEAF_LENS",
  bodyType: "TLR",
  promised: "",
} as const;

function AtTheCounter() {
  const [camera, setCamera] = useState<Parameters<typeof NewcomerDone>[0]["camera"]>({ ...TWIN });
  return (
    <>
      <input aria-label="Model" onChange={(event) => setCamera({ ...camera, model: event.target.value })} />
      <NewcomerDone camera={camera} onPromise={(promised) => setCamera({ ...camera, promised })} />
    </>
  );
}

const show = (late: string[] = []) => {
  inTheShop(<AtTheCounter />);
  answering({
    "GET /api/plan/newcomer": ({ path }: { path: string }) => ({
      hands: 170,
      late,
      forecast: {
        by50: "2031-03-06",
        by80: "2031-03-07",
        chance: path.includes("promised") ? 0.81 : undefined,
      },
    }),
  });
};

it("offers the days by chance, and says the chance of the one that is taken", async () => {
  show();
  fireEvent.click(await screen.findByRole("button", { name: /^80 %/ }));
  expect(await screen.findByText(/with a chance of 80 %/)).toBeTruthy();
  expect(screen.getByRole("button", { name: /^95 %/ })).toHaveProperty("disabled", true);
});

it("says which cameras would miss their dates because of it", async () => {
  show(["R-0007 Osterby M"]);
  expect(await screen.findByText(/R-0007 Osterby M/)).toBeTruthy();
});

it("asks once the name is typed, not at every letter", async () => {
  show();
  await screen.findByRole("button", { name: /^80 %/ });
  const before = asked.length;
  for (const model of ["T", "Tw", "Twi", "Twin 2"])
    fireEvent.change(screen.getByLabelText("Model"), { target: { value: model } });
  await waitFor(() => expect(asked.length).toBe(before + 1));
  expect(asked.at(-1)?.path).toContain("Twin");
});
