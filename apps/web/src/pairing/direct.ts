import type { Line } from "@amp-saver/pairing";
import { ChannelLine } from "@amp-saver/pairing/channel";

/** Longest that a browser may look for its own addresses, and that two may take to find each other, ms. */
const GATHER_MS = 4000;
const OPEN_MS = 60_000;

/** What differs from one offer to the next; all else in it is the same everywhere. */
const KEPT = { ufrag: /^a=ice-ufrag:(.+)$/m, pwd: /^a=ice-pwd:(.+)$/m, print: /^a=fingerprint:sha-256 (.+)$/m };

/** A description short enough for a picture code: name and password of the line, the fingerprint, and where it is. */
function codeOf({ type, sdp }: RTCSessionDescriptionInit): string {
  const of = (pattern: RegExp): string => pattern.exec(sdp ?? "")?.[1]?.trim() ?? "";
  const places = [...(sdp ?? "").matchAll(/^a=candidate:(.+)$/gm)].map(([, place = ""]) => place.trim());
  const print = of(KEPT.print).replaceAll(":", "");
  return [type === "offer" ? "O" : "A", of(KEPT.ufrag), of(KEPT.pwd), print, ...places].join("|");
}

/** The description a code stands for; null where it is none of this kind. */
function descriptionOf(code: string, type: "offer" | "answer"): RTCSessionDescriptionInit | null {
  const [mark, ufrag, pwd, print, ...places] = code.trim().split("|");
  if (mark !== (type === "offer" ? "O" : "A") || !ufrag || !pwd || !/^[0-9A-F]{64}$/i.test(print ?? "")) return null;
  const fingerprint = (print ?? "").match(/../g)?.join(":") ?? "";
  const lines = [
    "v=0",
    "o=- 1 2 IN IP4 127.0.0.1",
    "s=-",
    "t=0 0",
    "a=group:BUNDLE 0",
    "m=application 9 UDP/DTLS/SCTP webrtc-datachannel",
    "c=IN IP4 0.0.0.0",
    ...places.map((place) => `a=candidate:${place}`),
    `a=ice-ufrag:${ufrag}`,
    `a=ice-pwd:${pwd}`,
    `a=fingerprint:sha-256 ${fingerprint}`,
    `a=setup:${type === "offer" ? "actpass" : "active"}`,
    "a=mid:0",
    "a=sctp-port:5000",
    "a=max-message-size:262144",
  ];
  return { type, sdp: `${lines.join("\r\n")}\r\n` };
}

const connection = (): RTCPeerConnection => new RTCPeerConnection({ iceServers: [] });

/** Waits until a browser knows where it can be reached, and gives its description as a code. */
async function gathered(peer: RTCPeerConnection): Promise<string> {
  if (peer.iceGatheringState !== "complete")
    await new Promise<void>((settled) => {
      const timer = setTimeout(settled, GATHER_MS);
      peer.addEventListener("icegatheringstatechange", () => {
        if (peer.iceGatheringState !== "complete") return;
        clearTimeout(timer);
        settled();
      });
    });
  return codeOf(peer.localDescription ?? { type: "offer", sdp: "" });
}

function opened(channel: RTCDataChannel, peer: RTCPeerConnection): Promise<Line | null> {
  return new Promise((settled) => {
    const timer = setTimeout(() => {
      peer.close();
      settled(null);
    }, OPEN_MS);
    const ready = (): void => {
      clearTimeout(timer);
      settled(new ChannelLine(channel));
    };
    if (channel.readyState === "open") ready();
    else channel.addEventListener("open", ready, { once: true });
  });
}

/** What one device shows the other, and what it does with the answer. */
export interface Offer {
  readonly code: string;
  /** Takes the other's answer; null where it is none, or the two do not find each other. */
  readonly answered: (code: string) => Promise<Line | null>;
  readonly drop: () => void;
}

/** Begins a direct line: a code to be shown to the other. */
export async function offerDirect(): Promise<Offer> {
  const peer = connection();
  const channel = peer.createDataChannel("amp-saver");
  await peer.setLocalDescription();
  const code = await gathered(peer);
  return {
    code,
    answered: async (answer) => {
      const description = descriptionOf(answer, "answer");
      if (description === null) return null;
      const taken = await peer.setRemoteDescription(description).then(
        () => true,
        () => false,
      );
      return taken ? opened(channel, peer) : null;
    },
    drop: () => peer.close(),
  };
}

/** Answers the code of the other: a code to be shown back, and the line once both found each other. */
export async function answerDirect(code: string): Promise<{ readonly code: string; readonly line: Promise<Line | null> } | null> {
  const description = descriptionOf(code, "offer");
  if (description === null) return null;
  const peer = connection();
  const line = new Promise<Line | null>((settled) => {
    peer.addEventListener("datachannel", ({ channel }) => void opened(channel, peer).then(settled));
    setTimeout(() => settled(null), OPEN_MS);
  });
  const taken = await peer.setRemoteDescription(description).then(
    () => true,
    () => false,
  );
  if (!taken) return null;
  await peer.setLocalDescription();
  return { code: await gathered(peer), line };
}
