import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { aJob } from "../../testing/examples";
import { NewFinding } from "./NewFinding";

const NAME = `${"d".repeat(64)}.jpg`;
const where = () => screen.getByLabelText<HTMLSelectElement>("Where");

it("logs what was found with what was said of it, and is ready for the next", async () => {
  const found = vi.fn();
  const job = aJob();
  atTheBench(<NewFinding job={job} onFound={found} />, job);
  fireEvent.change(where(), { target: { value: "TOP" } });
  fireEvent.change(screen.getByLabelText("Severity"), { target: { value: "GRAVE" } });
  fireEvent.change(screen.getByLabelText("Remark"), { target: { value: "at the shoe" } });
  fireEvent.click(named("button", "Add finding"));
  await waitFor(() => expect(found).toHaveBeenCalledOnce());
  expect(logged()).toMatchObject([
    { kind: "conditionFound", region: "TOP", condition: "DENT", severity: "GRAVE", remark: "at the shoe" },
  ]);
  expect(screen.getByLabelText<HTMLInputElement>("Remark").value).toBe("");
});

it("takes the region of the side that was tapped, until one is chosen by hand", async () => {
  const job = aJob();
  const spot = { side: "BACK" as const, x: 0.4, y: 0.6 };
  atTheBench(<NewFinding job={job} spot={spot} />, job);
  expect(where().value).toBe("BACK");
  fireEvent.change(where(), { target: { value: "LENS" } });
  fireEvent.click(named("button", "Add finding"));
  await waitFor(() => expect(logged()).toMatchObject([{ region: "LENS", place: spot }]));
});

it("offers the pictures of the camera, and none where there are none", () => {
  const job = aJob();
  atTheBench(<NewFinding job={job} />, job);
  expect(screen.queryByLabelText("Picture showing it")).toBeNull();
});

it("names the picture that shows it", async () => {
  const job = aJob({
    album: {
      shots: [
        {
          id: "shot",
          at: "2031-03-04T09:00:00Z",
          by: "Ada",
          what: { kind: "pictured", name: NAME, shows: "underside", at: "INTAKE" },
          pins: [],
        },
      ],
      toCome: [],
    },
  });
  atTheBench(<NewFinding job={job} />, job);
  fireEvent.change(screen.getByLabelText("Picture showing it"), { target: { value: NAME } });
  expect(screen.getByText("picture 1, underside")).toBeTruthy();
  fireEvent.click(named("button", "Add finding"));
  await waitFor(() => expect(logged()).toMatchObject([{ picture: NAME }]));
});
