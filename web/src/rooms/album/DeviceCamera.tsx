import { useEffect, useRef, useState } from "react";
import { Button } from "../../ui/Button";
import { ProblemNote } from "../../ui/ProblemNote";
import { Window } from "../../ui/Window";
import { texts } from "./words";

/** A camera at this machine: what it sees, and the key that takes the picture. */
export function DeviceCamera({
  onTaken,
  onClose,
}: {
  onTaken: (picture: Blob) => void;
  onClose: () => void;
}) {
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState<unknown>();
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let closed = false;
    const open = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: "environment", width: { ideal: 2560 } },
        });
        if (closed) stream.getTracks().forEach((track) => track.stop());
        else if (video.current !== null) video.current.srcObject = stream;
      } catch {
        setProblem(texts.noCameraCanBeUsed);
      }
    };
    void open();
    return () => {
      closed = true;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  const take = () => {
    const from = video.current!;
    const canvas = document.createElement("canvas");
    canvas.width = from.videoWidth;
    canvas.height = from.videoHeight;
    canvas.getContext("2d")!.drawImage(from, 0, 0);
    canvas.toBlob((picture) => picture !== null && onTaken(picture), "image/jpeg", 0.92);
  };
  return (
    <Window open wide title={texts.takeAPictureLabel} onOpenChange={(open) => !open && onClose()}>
      {problem !== undefined ? (
        <ProblemNote problem={problem} />
      ) : (
        <div className="flex flex-col gap-3">
          <video
            ref={video}
            autoPlay
            playsInline
            muted
            aria-label={texts.whatTheCameraSees}
            className="max-h-[60vh] w-full bg-black object-contain"
            onLoadedData={() => setReady(true)}
          />
          <Button kind="primary" disabled={!ready} onClick={take} autoFocus>
            {texts.takeIt}
          </Button>
        </div>
      )}
    </Window>
  );
}
