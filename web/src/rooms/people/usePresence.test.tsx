import { useQuery } from "@tanstack/react-query";
import { act, screen } from "@testing-library/react";
import { expect, it } from "vitest";
import type { WhoIsHere } from "../../api/people";
import { queries } from "../../api/queries";
import { answering, inTheShop, Refusal } from "../../testing/atTheBench";
import { usePresence } from "./usePresence";

const somebody = (name: string, rights: WhoIsHere["rights"]): WhoIsHere => ({
  wanted: true,
  owned: true,
  codeTaken: false,
  signedIn: true,
  name,
  rights,
  phone: false,
  byPin: [],
});

let came: (here: WhoIsHere) => void;

function Prices() {
  came = usePresence();
  const shown = useQuery({
    queryKey: ["prices"],
    queryFn: async () => {
      const got = await fetch(new Request("/api/prices"));
      if (!got.ok) throw new Error("not shown");
      return (await got.json()) as string;
    },
    retry: false,
  }).data;
  return <p>{shown ?? "nothing"}</p>;
}

it("takes away what was open for somebody who may see more, and leaves it where the next one may see as much", async () => {
  inTheShop(<Prices />);
  answering({ "GET /api/prices": "85.00" });
  queries.setQueryData(["here"], somebody("Ada", ["LOOK", "MONEY"]));
  await act(() => queries.refetchQueries({ queryKey: ["prices"] }));
  expect(await screen.findByText("85.00")).toBeTruthy();

  act(() => came(somebody("Cora", ["LOOK", "MONEY", "DESK"])));
  expect(screen.queryByText("85.00")).toBeTruthy();

  answering({ "GET /api/prices": new Refusal(403, { code: "notAllowed" }) });
  act(() => came(somebody("Tess", ["LOOK", "DESK"])));
  expect(await screen.findByText("nothing")).toBeTruthy();
});
