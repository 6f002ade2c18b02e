import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { StateMark } from "../../ui/State";
import { DemoOffer } from "./DemoOffer";
import { texts } from "./words";

type Bench = Schemas["Bench"];

/** Whether nobody has taken a part off here yet: no camera went back, and of those on the bench none is open. */
export const atTheBeginning = (bench: Bench) =>
  bench.returned === 0 && bench.open.length <= 1 && bench.open.every((job) => job.steps.length === 0);

/** The way to the first part that comes off, in three steps, and the demo shop beside it. */
export function FirstSteps({ bench }: { bench: Bench }) {
  const camera = bench.open.at(0);
  const tag = camera?.summary.tag;
  const at = (stop: string) => (tag === undefined ? undefined : `/camera/${tag}/${stop}`);
  const looked = camera?.stops.some((stop) => stop.stop === "INTAKE" && stop.state === "DONE") ?? false;
  const steps = [
    { title: texts.checkItIn, about: texts.checkItInAbout, to: "/new", done: camera !== undefined },
    { title: texts.lookItOver, about: texts.lookItOverAbout, to: at("intake"), done: looked },
    { title: texts.takeTheFirstPartOff, about: texts.takeTheFirstPartOffAbout, to: at("strip"), done: false },
  ];
  const now = steps.findIndex((step) => !step.done);
  return (
    <div className="flex flex-wrap items-start gap-x-8 gap-y-5">
      <ol aria-label={texts.firstSteps} className="flex max-w-[560px] min-w-[320px] flex-[2] flex-col">
        {steps.map((step, index) => (
          <li
            key={step.title}
            aria-current={index === now ? "step" : undefined}
            className={`border-line flex gap-4 border-b py-3 ${index > now ? "text-soft" : ""}`}
          >
            <span
              aria-hidden="true"
              className={`num grid size-10 shrink-0 place-items-center rounded-full border-2 text-[18px] font-bold ${index === now ? "bg-ready text-on-ready border-ready" : "border-line"}`}
            >
              {step.done ? <StateMark mark="done" /> : index + 1}
            </span>
            <span className="min-w-0 flex-1">
              <b className="block text-[17px]">{step.title}</b>
              {step.about}
              {index === now && step.to !== undefined && (
                <Link
                  to={step.to}
                  className="bg-ready text-on-ready mt-2 flex min-h-11 w-fit items-center rounded-[4px] px-4 font-bold"
                >
                  {step.title}
                </Link>
              )}
            </span>
          </li>
        ))}
      </ol>
      <DemoOffer />
    </div>
  );
}
