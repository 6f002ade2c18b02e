import { Link, useRouteError } from "react-router";

export function NothingHere() {
  return (
    <div className="p-8">
      <h1 className="text-[22px]">There is nothing at this address.</h1>
      <p className="mt-2">
        Go to the{" "}
        <Link to="/" className="underline">
          bench
        </Link>
        , or find a camera with F2.
      </p>
    </div>
  );
}

export function Broken() {
  const problem = useRouteError();
  return (
    <div className="p-8" role="alert">
      <h1 className="text-[22px]">This page broke.</h1>
      <p className="mt-2">{problem instanceof Error ? problem.message : String(problem)}</p>
      <p className="mt-2">
        What was logged is safe.{" "}
        <a href="/" className="underline">
          Back to the bench
        </a>
      </p>
    </div>
  );
}
