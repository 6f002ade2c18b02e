import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { houseQuery } from "../../api/queries";
import { named } from "../../api/named";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField } from "../../ui/Field";
import { minutesWords } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";

/** Starts a wait: of a usual kind or of one's own, for a part or the whole camera. */
export function StartWait({ job }: { job: JobView }) {
  const house = useQuery(houseQuery).data;
  const kinds = house?.lubrication.waits ?? [];
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [what, setWhat] = useState("");
  const [minutes, setMinutes] = useState("");
  const [latest, setLatest] = useState("");
  const [station, setStation] = useState("");
  const [late, setLate] = useState("");
  const [part, setPart] = useState("");
  const start = () =>
    submit(async () => {
      await append(
        [
          {
            kind: "waitStarted",
            what: named(what, kinds.find((kind) => kind.label === what)?.id),
            minutes: Number(minutes) || 0,
            latestMinutes: Number(latest) || 0,
            station,
            late,
            part: part === "" ? undefined : part,
          },
        ],
        { said: `Wait: ${what}.` },
      );
      setWhat("");
      setMinutes("");
      setLatest("");
      setLate("");
    });
  return (
    <FormProblem value={field}>
      <Panel title="Start a wait">
        <form
          className="flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void start();
          }}
        >
          <ChoiceField
            label="Usual waits"
            empty="one of your own"
            choices={kinds.map((kind) => ({
              value: kind.id,
              label: `${kind.label}, ${minutesWords(kind.minutes)}`,
            }))}
            onChange={(event) => {
              const kind = kinds.find((one) => one.id === event.target.value);
              if (kind === undefined) return;
              setWhat(kind.label);
              setMinutes(String(kind.minutes));
              setLatest(kind.latestMinutes > 0 ? String(kind.latestMinutes) : "");
              setStation(kind.station);
              setLate(kind.late);
            }}
          />
          <div className="grid grid-cols-[1fr_92px] gap-2">
            <TextField
              label="What"
              name="wait"
              value={what}
              onChange={(event) => setWhat(event.target.value)}
            />
            <TextField
              label="Minutes"
              name="waitMinutes"
              inputMode="numeric"
              value={minutes}
              onChange={(event) => setMinutes(event.target.value)}
            />
          </div>
          <div className="grid grid-cols-2 gap-2">
            <ChoiceField
              label="Lies in or on"
              name="station"
              empty="nothing"
              value={station}
              choices={(house?.practice.stations ?? []).map((one) => ({ value: one.name, label: one.name }))}
              onChange={(event) => setStation(event.target.value)}
            />
            <TextField
              label="Too late after, min"
              name="latestMinutes"
              inputMode="numeric"
              placeholder="never"
              value={latest}
              onChange={(event) => setLatest(event.target.value)}
            />
          </div>
          <ChoiceField
            label="Which part"
            empty="the whole camera"
            value={part}
            choices={job.parts.map((one) => ({ value: one.name, label: one.name }))}
            onChange={(event) => setPart(event.target.value)}
          />
          <Button type="submit" className="self-start">
            Start the clock
          </Button>
          {problem !== undefined && field?.field === "" && <ProblemNote problem={problem} />}
        </form>
      </Panel>
    </FormProblem>
  );
}
