import { Link } from "react-router";
import { Empty } from "../../ui/Panel";
import { Floor } from "../../valley/Floor";
import { Valley } from "../../valley/Valley";
import { Aside } from "./Aside";
import { useJob } from "../../hands/useJob";
import { texts } from "./words";

/** The whole camera in one look. */
export function Overview() {
  const job = useJob();
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_316px] grid h-full grid-cols-[minmax(0,1fr)_268px]">
      <div className="min-h-0 overflow-y-auto px-5 py-3">
        {job.parts.length === 0 ? (
          <div className="flex flex-col gap-4">
            <Empty>
              {texts.nothingIsOffYetType}{" "}
              <span className="num text-ink font-bold">{texts.offTopCover4Slot}</span>
              {texts.orUseTheFormAt}{" "}
              <Link to={`/camera/${job.tag}/strip`} className="underline">
                {texts.strip}
              </Link>
              {texts.eachPartGetsItsOwn}
            </Empty>
            <Floor job={job} indent={0} />
          </div>
        ) : (
          <Valley job={job} />
        )}
      </div>
      <Aside job={job} />
    </div>
  );
}
