import { fireEvent, screen } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { Refused } from "../../api/queue";
import { atTheBench } from "../../testing/atTheBench";
import { MendLine } from "./MendLine";

const refused: Refused = {
  sending: {
    log: "R-0001",
    by: "Ada",
    basedOn: 3,
    lines: [
      { id: "a", saidAt: "2031-03-04T09:00:00Z", entry: { kind: "noted", text: "shims 0.1 unter the lens" } },
    ],
  },
  message: "The note is too long.",
  remedy: "Shorten it.",
};

it("shows a refused line in its fields with the reason, and sends it as it was changed, under its own id", () => {
  const onSend = vi.fn();
  atTheBench(<MendLine refused={refused} onSend={onSend} onClose={vi.fn()} />);
  expect(screen.getByRole("alert").textContent).toContain("The note is too long. Shorten it.");
  fireEvent.change(screen.getByDisplayValue("shims 0.1 unter the lens"), {
    target: { value: "shims 0.1 under the lens" },
  });
  fireEvent.click(screen.getByText("Send it"));
  expect(onSend).toHaveBeenCalledWith([
    { id: "a", saidAt: "2031-03-04T09:00:00Z", entry: { kind: "noted", text: "shims 0.1 under the lens" } },
  ]);
});
