import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { Mend } from "./Mend";

const type = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string) => fireEvent.click(named("button", name));
const choose = (name: string) => fireEvent.click(screen.getByRole("radio", { name }));

it("logs what was mended, as the factory had it", async () => {
  atTheBench(<Mend />);
  type("Part", "advance pawl");
  type("What was done", "bent back straight");
  expect(screen.queryByLabelText(/How the owner agreed/)).toBeNull();
  press("Log it");
  await waitFor(() =>
    expect(logged()).toEqual([
      { kind: "mended", part: "advance pawl", what: "bent back straight", modification: false, agreed: "" },
    ]),
  );
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("What was done").value).toBe(""));
});

it("asks how the owner agreed where it differs from the factory, and forgets it where it does not", async () => {
  atTheBench(<Mend />);
  type("Part", "hinge");
  type("What was done", "new hole drilled");
  const differs = screen.getByLabelText("It differs from the factory now: the owner is told");
  fireEvent.click(differs);
  type("How the owner agreed, before it was done", "by telephone");
  fireEvent.click(differs);
  press("Log it");
  await waitFor(() => expect(logged()).toMatchObject([{ modification: false, agreed: "" }]));
  type("What was done", "new hole drilled");
  fireEvent.click(differs);
  type("How the owner agreed, before it was done", "by letter");
  press("Log it");
  await waitFor(() => expect(logged()[1]).toMatchObject({ modification: true, agreed: "by letter" }));
});

it("does not insist where nobody is to be asked", () => {
  atTheBench(<Mend />, aJob({ ownerToAgree: false }));
  fireEvent.click(screen.getByLabelText("It differs from the factory now: the owner is told"));
  expect(screen.getByLabelText("How the owner agreed, if asked")).toBeTruthy();
});

it("says where the part went whose place another took, once", async () => {
  atTheBench(<Mend />);
  choose("Replaced");
  type("Part", "governor");
  type("Which donor camera", "Sweep 5512");
  type("The one that was there goes", "STOCK");
  press("Log it");
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "replaced", part: "governor", source: "DONOR", from: "Sweep 5512", old: "STOCK" },
    ]),
  );
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("Which donor camera").value).toBe(""));
  type("Which donor camera", "Sweep 5513");
  press("Log it");
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()[1]).not.toHaveProperty("old");
});

it("opens a need for the part itself where nothing else is said", async () => {
  atTheBench(<Mend />);
  choose("Needed");
  type("Part", "governor");
  press("Open the need");
  await waitFor(() => expect(logged()).toEqual([{ kind: "needOpened", part: "governor", what: "governor" }]));
});
