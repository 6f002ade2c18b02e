import { useState } from "react";
import { useSearchParams } from "react-router";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { moneyOf } from "../../api/money";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { Form } from "../../form/Form";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { Window } from "../../ui/Window";
import { useKeys } from "../../hands/keys";
import { useJob } from "../../hands/useJob";
import { BatteryPanel, Decisions, ScopePanel } from "./Agreed";
import { BeforeSpeeds } from "./BeforeSpeeds";
import { CameraFields } from "./CameraFields";
import { FunctionCheck } from "./FunctionCheck";
import { HereBefore } from "./HereBefore";
import { Findings, Visitors } from "./Outside";
import { SixSides } from "./SixSides";
import { CAMERA, formOf, received } from "./receivedForm";
import { PAPER_HERE } from "../../ui/paper";
import { texts } from "./words";

/** What came in, in what state: all of it on one page, and its outside by itself on the drawing. */
export function Intake() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const outside = search.get("view") === "outside";
  const toggle = () => setSearch(outside ? {} : { view: "outside" });
  useKeys({ o: toggle });
  return (
    <div className="flex h-full min-h-0 flex-col">
      <div className="flex items-center gap-3 px-5 pt-2">
        <Pick
          small
          label={texts.view}
          choices={[
            { value: "all", label: texts.fullIntake },
            { value: "outside", label: texts.outsideDrawing },
          ]}
          value={outside ? "outside" : "all"}
          onChange={toggle}
        />
        <span className="text-soft text-[13.5px]">{texts.oSwitchesView}</span>
      </div>
      <div className="min-h-0 flex-1">{outside ? <SixSides job={job} /> : <AllOfIt job={job} />}</div>
    </div>
  );
}

function AllOfIt({ job }: { job: JobView }) {
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_330px] grid h-full grid-cols-[minmax(0,1fr)_minmax(0,1fr)_264px]">
      <div className="flex min-h-0 flex-col gap-4 overflow-y-auto px-5 py-3">
        <Description job={job} />
        <Findings job={job} />
        <Visitors job={job} />
      </div>
      <div className="border-line min-h-0 overflow-y-auto border-l px-5 py-3">
        <FunctionCheck job={job} />
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <HereBefore job={job} />
        <BeforeSpeeds job={job} />
        <ScopePanel job={job} />
        <BatteryPanel job={job} />
        <Decisions job={job} />
      </aside>
    </div>
  );
}

function Description({ job }: { job: JobView }) {
  const { word } = useWords();
  const [correcting, setCorrecting] = useState(false);
  const camera = job.intake.received!;
  const facts = [
    [texts.serialNumberLabel, camera.camera.serial || texts.noneNoted],
    [texts.kind, `${word("bodyType", camera.camera.bodyType)}, ${word("family", camera.camera.family)}`],
    [texts.lens, camera.lens || texts.noneNoted],
    [texts.speeds, `${camera.speeds.join(" · ")}, ${word("speedSeries", camera.series)}`],
    [
      texts.owner,
      camera.owner.shopsOwn
        ? shopsOwn(camera.owner)
        : `${camera.owner.name}${camera.owner.contact === "" ? "" : `, ${camera.owner.contact}`}`,
    ],
    [texts.accessoriesLabel, camera.accessories.join(", ") || "nothing"],
    [texts.checkedIn, day(job.intake.receivedAt!)],
  ];
  return (
    <Panel
      title={texts.theCamera}
      note={
        <Button kind="quiet" onClick={() => setCorrecting(true)}>
          {texts.correct}
        </Button>
      }
    >
      <p className="text-[17px]" dir="auto">
        “{camera.complaint}”
      </p>
      <p className="flex flex-wrap gap-x-4">
        <a
          href={`/api/jobs/${job.tag}/tag.pdf`}
          target="_blank"
          rel="noreferrer"
          className="inline-flex min-h-11 items-center self-start underline"
        >
          {texts.printTheTag}
        </a>
        <a
          href={`/api/jobs/${job.tag}/tag.pdf?paper=${PAPER_HERE}`}
          target="_blank"
          rel="noreferrer"
          className="text-soft inline-flex min-h-11 items-center self-start underline"
        >
          {texts.onPlainPaper}
        </a>
      </p>
      <dl className="grid grid-cols-[108px_1fr] gap-x-3 gap-y-0.5">
        {facts.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd className="break-words" dir="auto">
              {value}
            </dd>
          </div>
        ))}
      </dl>
      {correcting && <Correct job={job} onDone={() => setCorrecting(false)} />}
    </Panel>
  );
}

/** Describes it again, with the earlier description struck: nothing is overwritten. */
function Correct({ job, onDone }: { job: JobView; onDone: () => void }) {
  const append = useAppend(job.tag);
  const form = useFormOf(
    CAMERA,
    formOf(job.intake.received!),
    async (read) => {
      await append(
        [
          {
            kind: "amended",
            target: job.intake.receivedId!,
            entry: received(read),
            reason: texts.descriptionCorrected,
          },
        ],
        { said: texts.descriptionUpdated },
      );
      onDone();
    },
    `description.${job.tag}`,
  );
  return (
    <Window wide open title={texts.editTheDescription} onOpenChange={(open) => !open && onDone()}>
      <Form form={form}>
        <CameraFields fresh={false} form={form} promisedSince={job.wishes.promises.length > 0} />
        <div className="flex flex-col gap-2 pt-4">
          {form.refused}
          <Button kind="primary" type="submit" className="self-start">
            {texts.save}
          </Button>
        </div>
      </Form>
    </Window>
  );
}

function shopsOwn(owner: Schemas["Owner"]): string {
  return [
    texts.theShopsOwn,
    ...(owner.paid === undefined ? [] : [texts.paid(moneyOf(owner.paid))]),
    ...(owner.worth === undefined ? [] : [texts.worthOnceRepaired(moneyOf(owner.worth))]),
  ].join(", ");
}
