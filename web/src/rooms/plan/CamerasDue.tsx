import { Link } from "react-router";
import type { PlanCamera, PlanPage } from "../../api/plan";
import { day, moment } from "../../ui/dates";
import { noPlaceWords } from "./reasonWords";
import { roughly } from "./rough";
import { Chance } from "./WeekDrawing";
import { texts } from "./words";

/** Every camera with its date, when the plan has it done, and by when with which chance. */
export function CamerasDue({ plan, now }: { plan: PlanPage; now: number }) {
  return (
    <table className="w-full text-[14.5px]">
      <thead>
        <tr className="text-soft text-left">
          <th className="py-1 pr-3 font-normal">{texts.camera}</th>
          <th className="py-1 pr-3 font-normal">{texts.handsLeft}</th>
          <th className="py-1 pr-3 font-normal">{texts.promised}</th>
          <th className="py-1 pr-3 font-normal">{texts.chance}</th>
          <th className="py-1 pr-3 font-normal">{texts.doneByPlan}</th>
          <th className="py-1 pr-3 font-normal">{texts.by50}</th>
          <th className="py-1 pr-3 font-normal">{texts.by80}</th>
          <th className="py-1 font-normal">{texts.by95}</th>
        </tr>
      </thead>
      <tbody>
        {plan.cameras.map((one) => (
          <Row key={one.tag} camera={one} now={now} />
        ))}
      </tbody>
    </table>
  );
}

function Row({ camera, now }: { camera: PlanCamera; now: number }) {
  const { forecast } = camera;
  const by = (date: string | undefined) =>
    forecast === undefined ? "…" : date === undefined ? texts.later95 : day(date);
  return (
    <tr className={`border-line/70 border-t ${camera.late ? "bg-stop-wash/60" : ""}`}>
      <th scope="row" className="py-1 pr-3 text-left font-normal">
        <Link to={`/camera/${camera.tag}`} className="inline-flex min-h-9 items-center gap-2 hover:underline">
          <b className="num shrink-0">{camera.tag}</b> {camera.camera}
        </Link>
      </th>
      <td className="py-1 pr-3">{roughly(camera.hands)}</td>
      <td className="py-1 pr-3">
        {camera.promised === undefined ? (
          <span className="text-soft">{texts.noPromise}</span>
        ) : (
          day(camera.promised)
        )}
      </td>
      <td className="py-1 pr-3">
        <Chance camera={camera} />
        {camera.late && <b className="text-stop"> {texts.lateBy}</b>}
      </td>
      <td className="py-1 pr-3">{camera.done === undefined ? "–" : moment(camera.done, now)}</td>
      <td className="py-1 pr-3">{by(forecast?.by50)}</td>
      <td className="py-1 pr-3">{by(forecast?.by80)}</td>
      <td className="py-1">{by(forecast?.by95)}</td>
    </tr>
  );
}

/** What has no place in the plan, and why. */
export function NotInThePlan({ plan }: { plan: PlanPage }) {
  return (
    <ul>
      {plan.left.map((one) => (
        <li
          key={`${one.tag}/${one.task}`}
          className="border-line/70 flex gap-3 border-t py-1.5 text-[14.5px]"
        >
          <b className="num">{one.tag}</b>
          <span className="min-w-0 flex-1">
            {one.words} <span className="text-soft">{one.camera}</span>
          </span>
          <span className="text-mark">{noPlaceWords(one)}</span>
        </li>
      ))}
    </ul>
  );
}
