import { AWAY, answering, asked, atTheBench, inTheShop, logged, named, Refusal } from "../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { expect, it } from "vitest";
import type { Problem } from "../api/client";
import { queries } from "../api/queries";
import { aJob } from "../testing/examples";
import { useAppend, useShopLog } from "./append";
import { useNotice } from "./notices";

function Noting({ tag }: { tag: string }) {
  const append = useAppend(tag);
  const [got, setGot] = useState("");
  const note = () =>
    append([{ kind: "noted", text: "hello" }], { said: "Noted." }).then(
      (job) => setGot(job === undefined ? "nothing" : job.tag),
      (problem: Problem) => setGot(`refused: ${problem.message}`),
    );
  return (
    <>
      <button type="button" onClick={() => void note()}>
        Note
      </button>
      <p>got {got}</p>
      <p>said {useNotice()?.text}</p>
    </>
  );
}

const press = (name: string) => fireEvent.click(named("button", name));
const sent = () =>
  asked
    .filter((one) => one.method === "POST")
    .map((one) => one.body as { by: string; basedOn: number; lines: { id: string; saidAt: string }[] });

it("gives the job as it then is, says so, and tells on which view it was made", async () => {
  atTheBench(<Noting tag="R-0001" />, aJob({ lastSequence: 4 }));
  press("Note");
  expect(await screen.findByText("got R-0001")).toBeTruthy();
  expect(screen.getByText("said Noted.")).toBeTruthy();
  expect(sent()[0]).toMatchObject({ basedOn: 4 });
  expect(sent()[0]!.lines[0]!.id).toMatch(/^[0-9a-f-]{36}$/);
  expect(Number.isNaN(Date.parse(sent()[0]!.lines[0]!.saidAt))).toBe(false);
});

it("rejects what is refused, and stores nothing for later", async () => {
  atTheBench(<Noting tag="R-0001" />);
  answering({ "POST /api/logs/R-0001/lines": new Refusal(409, { detail: "This camera was returned." }) });
  press("Note");
  expect(await screen.findByText("got refused: This camera was returned.")).toBeTruthy();
  expect(sent()).toHaveLength(1);
});

it("lets a line wait while the server is away, and says so", async () => {
  atTheBench(<Noting tag="R-0001" />);
  answering({ "POST /api/logs/R-0001/lines": AWAY });
  press("Note");
  expect(await screen.findByText("got nothing")).toBeTruthy();
  expect(screen.getByText(/said The server cannot be reached. The line is kept here/)).toBeTruthy();
});

it("counts what is stored as stored even where the page cannot be asked for again", async () => {
  atTheBench(<Noting tag="R-0001" />);
  queries.setDefaultOptions({ queries: { retry: false } });
  answering({ "GET /api/jobs/R-0001": new Refusal(404, { detail: "gone" }) });
  press("Note");
  expect(await screen.findByText("got nothing")).toBeTruthy();
  expect(screen.getByText("said Noted.")).toBeTruthy();
});

function Shelving() {
  const say = useShopLog("shelf");
  const [ids, setIds] = useState<string[]>([]);
  return (
    <>
      <button
        type="button"
        onClick={() =>
          void say(
            [
              { kind: "noted", text: "one" },
              { kind: "noted", text: "two" },
            ],
            "Shelved.",
            7,
          ).then(setIds)
        }
      >
        Shelve
      </button>
      <p>{ids.length} ids</p>
    </>
  );
}

it("adds several entries to one of the shop's logs as one, each under an id of its own", async () => {
  inTheShop(<Shelving />);
  answering({ "POST /api/logs/shelf/lines": { log: "shelf", lastSequence: 9 } });
  press("Shelve");
  expect(await screen.findByText("2 ids")).toBeTruthy();
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(sent()).toHaveLength(1);
  expect(sent()[0]).toMatchObject({ basedOn: 7 });
  expect(new Set(sent()[0]!.lines.map((line) => line.id)).size).toBe(2);
});
