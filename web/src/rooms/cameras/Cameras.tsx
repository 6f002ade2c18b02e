import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, Problem, server } from "../../api/client";
import { takePackage } from "../../api/packages";
import { benchQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { JobLine } from "./JobLine";
import { texts } from "./words";

const PAGE = 100;
const LARGEST_MB = 150;

/** Every camera: those in the shop, and those that went home. */
export function Cameras() {
  const bench = useQuery(benchQuery).data;
  const returned = useInfiniteQuery({
    queryKey: ["returned"],
    queryFn: ({ pageParam }) => answer(server.GET("/api/jobs", { params: { query: { below: pageParam } } })),
    initialPageParam: 10_000_000,
    getNextPageParam: (last) => (last.length < PAGE ? undefined : Number(last[last.length - 1].tag.slice(2))),
  });
  const gone = returned.data?.pages.flat() ?? [];
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-5 py-4">
      <div className="flex flex-wrap items-center gap-2">
        <h1 className="mr-auto text-[22px]">{texts.cameras}</h1>
        <Import />
        <Link
          to="/new"
          className="border-ready bg-ready text-on-ready inline-flex min-h-11 items-center rounded-[4px] border px-4 font-bold"
        >
          {texts.checkInACamera}
        </Link>
      </div>
      <Panel
        title={texts.inTheShop}
        note={bench === undefined ? undefined : texts.camerasOf(bench.open.length)}
      >
        {bench?.open.length === 0 && <Empty>{texts.noCameraIsInThe}</Empty>}
        <ul>
          {bench?.open.map((job) => (
            <Row key={job.summary.tag} tag={job.summary.tag}>
              <JobLine job={job.summary} />
            </Row>
          ))}
        </ul>
      </Panel>
      <Panel
        title={texts.returned}
        note={bench === undefined ? undefined : texts.camerasWith(bench.returned)}
      >
        {gone.length === 0 && !returned.isPending && <Empty>{texts.noCameraHasBeenReturned}</Empty>}
        <ul>
          {gone.map((job) => (
            <Row key={job.tag} tag={job.tag}>
              <JobLine job={job} />
            </Row>
          ))}
        </ul>
        {returned.hasNextPage && (
          <Button onClick={() => void returned.fetchNextPage()} className="self-start">
            {returned.isFetchingNextPage ? texts.loading : texts.showEarlierOnes}
          </Button>
        )}
      </Panel>
    </div>
  );
}

function Row({ tag, children }: { tag: string; children: React.ReactNode }) {
  return (
    <li className="border-line/70 border-b [contain-intrinsic-size:auto_56px] [content-visibility:auto]">
      <Link to={`/camera/${tag}`} className="hover:bg-sheet block rounded-[4px] px-2">
        {children}
      </Link>
    </li>
  );
}

function Import() {
  const input = useRef<HTMLInputElement>(null);
  const { refused, submit } = useSubmit();
  const navigate = useNavigate();
  const [taken, setTaken] = useState<number>();
  const take = async (file: File) => {
    if (file.size > LARGEST_MB * 1024 * 1024) {
      const size = Math.round(file.size / 1024 / 1024);
      throw new Problem(
        {
          detail: texts.isMbAJobPackage(file.name, size, LARGEST_MB),
          remedy: texts.chooseTheZipFileThat,
        },
        "",
      );
    }
    setTaken(0);
    try {
      void navigate(`/camera/${await takePackage(file, setTaken)}`);
    } finally {
      setTaken(undefined);
    }
  };
  return (
    <>
      {refused}
      <input
        ref={input}
        type="file"
        accept=".zip,application/zip"
        aria-label={texts.jobPackageToImport}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file !== undefined) void submit(() => take(file));
        }}
      />
      <Button disabled={taken !== undefined} onClick={() => input.current?.click()}>
        {taken === undefined ? texts.importAJobPackage : texts.importing(Math.round(taken * 100))}
      </Button>
    </>
  );
}
