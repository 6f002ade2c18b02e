import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { useKeys } from "../../hands/keys";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { PinBoard } from "../../ui/PinBoard";
import { useSubmit } from "../../ui/useSubmit";
import { smallOf } from "../../api/pictures";
import { BODIES } from "./drawing/bodies";
import { NewFinding } from "./NewFinding";
import { SideView } from "./drawing/SideView";
import type { SideName } from "./drawing/strokes";
import { texts } from "./words";

type Finding = JobView["intake"]["findings"][number];
type Found = Schemas["ConditionFound"];

const ORDER: SideName[] = ["LEFT", "FRONT", "RIGHT", "TOP", "BACK", "BOTTOM"];

/** Where a finding goes on the drawing that was only said by its region. */
const USUAL: Record<Found["region"], { side: SideName; x: number; y: number }> = {
  TOP: { side: "TOP", x: 0.5, y: 0.25 },
  BOTTOM: { side: "BOTTOM", x: 0.3, y: 0.3 },
  FRONT: { side: "FRONT", x: 0.15, y: 0.6 },
  BACK: { side: "BACK", x: 0.5, y: 0.6 },
  LENS: { side: "FRONT", x: 0.5, y: 0.6 },
  FINDER: { side: "FRONT", x: 0.25, y: 0.15 },
  LEATHER: { side: "FRONT", x: 0.9, y: 0.8 },
  SEALS: { side: "BACK", x: 0.15, y: 0.35 },
  BATTERY: { side: "BOTTOM", x: 0.75, y: 0.3 },
};

/** The camera from its six sides, with what was found pinned where it is; drawing and list stay in step. */
export function SixSides({ job }: { job: JobView }) {
  const { word } = useWords();
  const [chosen, setChosen] = useState<string>();
  const [spot, setSpot] = useState<NonNullable<Found["place"]>>();
  useKeys({ Escape: () => setSpot(undefined) });
  const sides = BODIES[job.intake.received!.camera.bodyType];
  // all sides at one scale: the largest one fills its place
  const most = {
    width: Math.max(...ORDER.map((side) => sides[side].width)),
    height: Math.max(...ORDER.map((side) => sides[side].height)),
  };
  const findings = job.intake.findings.map((finding, index) => ({ finding, number: index + 1 }));
  const placed = (side: SideName) =>
    findings
      .map(({ finding, number }) => ({
        finding,
        number,
        at: finding.found.place ?? USUAL[finding.found.region],
      }))
      .filter(({ at }) => at.side === side)
      .map(({ finding, number, at }) => ({
        key: finding.id,
        number,
        x: at.x,
        y: at.y,
        label: wordsOf(finding, word),
        look: finding.found.severity === "GRAVE" ? ("grave" as const) : ("plain" as const),
      }));
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_370px] grid h-full min-h-0 grid-cols-[minmax(0,1fr)_310px]">
      <div className="grid min-h-0 grid-cols-3 content-start gap-x-5 gap-y-3 overflow-y-auto px-5 py-3">
        {ORDER.map((side) => (
          <figure key={side} className="flex min-w-0 flex-col items-center gap-1">
            <PinBoard
              label={texts.theCameras(word("bodySide", side))}
              pins={[
                ...placed(side),
                ...(spot?.side === side
                  ? [
                      {
                        key: "spot",
                        number: findings.length + 1,
                        x: spot.x,
                        y: spot.y,
                        label: texts.newWord,
                        look: "fresh" as const,
                      },
                    ]
                  : []),
              ]}
              chosen={chosen}
              onChoose={setChosen}
              onPlace={(x, y) => setSpot({ side, x, y })}
              style={{
                aspectRatio: `${sides[side].width} / ${sides[side].height}`,
                width: `min(calc(27vh * ${sides[side].width / most.height}), calc(100% * ${sides[side].width / most.width}))`,
              }}
            >
              <SideView drawing={sides[side]} title={texts.side(word("bodySide", side))} />
            </PinBoard>
            <figcaption className="text-soft text-[13.5px]">{word("bodySide", side)}</figcaption>
          </figure>
        ))}
      </div>
      <aside
        tabIndex={0}
        className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3"
      >
        <Panel
          title={texts.addAFinding}
          note={spot === undefined ? texts.tapTheDrawingOrChoose : texts.onThe(word("bodySide", spot.side))}
        >
          <NewFinding job={job} spot={spot} onFound={() => setSpot(undefined)} />
          {spot !== undefined && (
            <Button kind="quiet" keyHint="Esc" className="self-start" onClick={() => setSpot(undefined)}>
              {texts.removeThePin}
            </Button>
          )}
        </Panel>
        <Panel title={texts.foundOutside} note={`${findings.length}`}>
          {findings.length === 0 && <Empty>{texts.turnItOverTheUndersideTells}</Empty>}
          <ol>
            {findings.map(({ finding, number }) => (
              <FindingRow
                key={finding.id}
                job={job}
                finding={finding}
                number={number}
                chosen={finding.id === chosen}
                onChoose={() => setChosen(finding.id)}
              />
            ))}
          </ol>
        </Panel>
      </aside>
    </div>
  );
}

const wordsOf = ({ found }: Finding, word: (kind: string, value: string) => string) =>
  `${word("severity", found.severity)} ${word("conditionKind", found.condition)}${found.remark === "" ? "" : `, ${found.remark}`}`;

function FindingRow({
  job,
  finding,
  number,
  chosen,
  onChoose,
}: {
  job: JobView;
  finding: Finding;
  number: number;
  chosen: boolean;
  onChoose: () => void;
}) {
  const { word } = useWords();
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const { found } = finding;
  return (
    <li className={`border-line/70 border-b ${chosen ? "bg-ready-wash" : ""}`}>
      <button type="button" onClick={onChoose} className="flex min-h-11 w-full items-center gap-2 text-left">
        <b className={`num w-6 text-right ${found.severity === "GRAVE" ? "text-stop" : ""}`}>{number}</b>
        <span className="min-w-0 flex-1">
          <b>{word("region", found.region)}</b> {wordsOf(finding, word)}
        </span>
        {found.picture !== "" && (
          <img src={smallOf(found.picture)} alt="" className="size-10 rounded-[3px] object-cover" />
        )}
      </button>
      {chosen && (
        <Button
          kind="quiet"
          onClick={() =>
            void submit(() =>
              append([{ kind: "struck", target: finding.id, reason: texts.findingLoggedByMistake }], {
                said: texts.findingStruckOut,
              }),
            )
          }
        >
          {texts.strikeOutThisFinding}
        </Button>
      )}
      {refused}
    </li>
  );
}
