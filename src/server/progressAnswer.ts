import { refusal } from './planRequests';

/** How it is asked that progress be told. */
const LINES = 'application/x-ndjson';

/**
 * Answers work that takes long: with what comes of it, or, where lines of JSON are asked for, with the share
 * that is done now and then, and at last with what came of it or why nothing did. Who hangs up calls it off.
 */
export async function progressAnswer(
  request: Request,
  work: (onProgress: (share: number) => void, signal: AbortSignal) => Promise<unknown>,
): Promise<Response> {
  if (!request.headers.get('accept')?.includes(LINES)) {
    return Response.json(await work(() => {}, request.signal));
  }
  const gone = new AbortController();
  const encoder = new TextEncoder();
  const lines = new ReadableStream<Uint8Array>({
    async start(controller) {
      const tell = (line: unknown) => {
        if (!gone.signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`));
      };
      tell({ share: 0 });
      try {
        tell({ value: await work((share) => tell({ share }), gone.signal) });
      } catch (error) {
        tell(await refusal(error).json());
      }
      if (!gone.signal.aborted) controller.close();
    },
    cancel: () => gone.abort(),
  });
  return new Response(lines, { headers: { 'content-type': LINES } });
}

/**
 * A file as it is made, part by part. Who hangs up calls the work off.
 * @returns once there is a first part, so that what goes wrong before it can still be said
 */
export async function partsFrom(
  make: (onPart: (part: Uint8Array) => void, signal: AbortSignal) => Promise<unknown>,
): Promise<ReadableStream<Uint8Array>> {
  const gone = new AbortController();
  let stream!: ReadableStreamDefaultController<Uint8Array>;
  const parts = new ReadableStream<Uint8Array>({
    start: (controller) => void (stream = controller),
    cancel: () => gone.abort(),
  });
  await new Promise<void>((begun, failed) => {
    const onPart = (part: Uint8Array) => {
      if (!gone.signal.aborted) stream.enqueue(part);
      begun();
    };
    make(onPart, gone.signal).then(
      () => {
        begun();
        if (!gone.signal.aborted) stream.close();
      },
      (error: unknown) => {
        failed(error as Error);
        // What was sent is no whole file, and must not look like one.
        if (!gone.signal.aborted) stream.error(error);
      },
    );
  });
  return parts;
}
