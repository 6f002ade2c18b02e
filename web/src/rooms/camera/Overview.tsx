import { Link } from "react-router";
import { Empty } from "../../ui/Panel";
import { Floor } from "../../valley/Floor";
import { Valley } from "../../valley/Valley";
import { Aside } from "./Aside";
import { useJob } from "../../hands/useJob";

/** The whole camera in one look. */
export function Overview() {
  const job = useJob();
  return (
    <div className="wide:grid-cols-[minmax(0,1fr)_316px] grid h-full grid-cols-[minmax(0,1fr)_268px]">
      <div className="min-h-0 overflow-y-auto px-5 py-3">
        {job.parts.length === 0 ? (
          <div className="flex flex-col gap-4">
            <Empty>
              Nothing is off yet. Type what comes off in the line below, for example{" "}
              <span className="num text-ink font-bold">off top cover, 4 slot 1.7x3, well A1</span>, or use the
              form at{" "}
              <Link to={`/camera/${job.tag}/strip`} className="underline">
                Strip
              </Link>
              . Each part takes its row here, and its mirror says when it may go back.
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
