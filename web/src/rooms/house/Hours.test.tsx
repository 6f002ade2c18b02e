import { answering, inTheShop, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { Hours } from "./Hours";

const day = [
  { from: "09:00:00", to: "12:00:00" },
  { from: "13:00:00", to: "17:00:00" },
];

const show = () => {
  inTheShop(<Hours />);
  answering({
    "GET /api/hours": {
      lastSequence: 4,
      hours: [{ person: "Ada", week: { MONDAY: day, TUESDAY: day }, skills: [] }],
      off: [{ person: "Ada", first: "2999-03-01", last: "2999-03-03", why: "fair" }],
      bellMinutes: 15,
      skills: [],
    },
    "POST /api/logs/house/lines": { log: "house", lastSequence: 5 },
  });
};

it("shows a person's week as people write it and saves what was changed", async () => {
  show();
  const monday = await screen.findByLabelText<HTMLInputElement>("Monday, Ada");
  expect(monday.value).toBe("9:00–12:00, 13:00–17:00");
  expect(screen.getByText("14 h a week")).toBeTruthy();
  expect(screen.queryByRole("button", { name: /^Save/ })).toBeNull();
  fireEvent.change(monday, { target: { value: "8-11:30" } });
  fireEvent.change(screen.getByLabelText("Skills, separated by commas, Ada"), {
    target: { value: "finish, general" },
  });
  fireEvent.click(named("button", "Save"));
  await waitFor(() =>
    expect(logged()).toEqual([
      {
        kind: "hoursSet",
        hours: {
          person: "Ada",
          week: {
            MONDAY: [{ from: "08:00", to: "11:30" }],
            TUESDAY: [
              { from: "09:00", to: "12:00" },
              { from: "13:00", to: "17:00" },
            ],
          },
          skills: ["finish", "general"],
        },
      },
    ]),
  );
});

it("keeps what it cannot read and says how to write it", async () => {
  show();
  const monday = await screen.findByLabelText<HTMLInputElement>("Monday, Ada");
  fireEvent.change(monday, { target: { value: "nine to five" } });
  fireEvent.click(named("button", "Save"));
  expect(await screen.findByText(/Write it like 9:00/)).toBeTruthy();
  expect(monday.value).toBe("nine to five");
  expect(logged()).toEqual([]);
});

it("makes the days from Monday to Friday alike", async () => {
  show();
  await screen.findByLabelText("Monday, Ada");
  fireEvent.click(named("button", "Monday to Friday alike"));
  expect(screen.getByLabelText<HTMLInputElement>("Friday, Ada").value).toBe("9:00–12:00, 13:00–17:00");
  expect(screen.getByLabelText<HTMLInputElement>("Saturday, Ada").value).toBe("");
});

it("takes somebody who is ill out of today with one press", async () => {
  show();
  fireEvent.click(await screen.findByRole("button", { name: "Ada is not in today" }));
  await waitFor(() => expect(logged()).toHaveLength(1));
  const today = new Date().toLocaleDateString("sv");
  expect(logged()[0]).toMatchObject({
    kind: "daysOffSet",
    daysOff: [
      { person: "Ada", first: "2999-03-01" },
      { person: "Ada", first: today, last: today },
    ],
  });
});

it("adds days off and takes them away", async () => {
  show();
  expect(await screen.findByText("fair")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("First day"), { target: { value: "2999-12-24" } });
  fireEvent.click(named("button", "Add days off"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "daysOffSet",
    daysOff: [{ why: "fair" }, { person: "", first: "2999-12-24", last: "2999-12-24" }],
  });
});

it("sets when the bell rings", async () => {
  show();
  const bell = await screen.findByLabelText("Minutes before");
  fireEvent.change(bell, { target: { value: "5" } });
  fireEvent.blur(bell);
  await waitFor(() => expect(logged()).toEqual([{ kind: "bellSet", minutesBefore: 5 }]));
});
