import type { Channel } from "@amp-saver/pairing/channel";

/** Longest that a browser may look for its own addresses, and that two may take to find each other, ms. */
const GATHER_MS = 4000;
const OPEN_MS = 60_000;
/** How long what was sent last may be under way, ms. */
const LAST_MS = 1000;
/** Longest name of a link, letters. */
const LINK_MOST = 40;

/** What differs from one offer to the next; all else in it is the same everywhere. */
const KEPT = { ufrag: /^a=ice-ufrag:(.+)$/m, pwd: /^a=ice-pwd:(.+)$/m, print: /^a=fingerprint:sha-256 (.+)$/m };

/** A description short enough for a picture code: which link it is of, name and password of the line, the fingerprint, and where it is. */
function codeOf(link: string, { type, sdp }: RTCSessionDescriptionInit): string {
  const of = (pattern: RegExp): string => pattern.exec(sdp ?? "")?.[1]?.trim() ?? "";
  const places = [...(sdp ?? "").matchAll(/^a=candidate:(.+)$/gm)].map(([, place = ""]) => place.trim());
  const print = of(KEPT.print).replaceAll(":", "");
  return [type === "offer" ? "O" : "A", link, of(KEPT.ufrag), of(KEPT.pwd), print, ...places].join("|");
}

/** Which link a code is of, and the description it stands for; null where it is none of this kind. */
function readCode(
  code: string,
  type: "offer" | "answer",
): { readonly link: string; readonly description: RTCSessionDescriptionInit } | null {
  const [mark, link, ufrag, pwd, print, ...places] = code.trim().split("|");
  if (mark !== (type === "offer" ? "O" : "A") || !link || link.length > LINK_MOST || !ufrag || !pwd) return null;
  if (!/^[0-9A-F]{64}$/i.test(print ?? "")) return null;
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
  return { link, description: { type, sdp: `${lines.join("\r\n")}\r\n` } };
}

const connection = (): RTCPeerConnection => new RTCPeerConnection({ iceServers: [] });

/** Waits until a browser knows where it can be reached, and gives its description as a code. */
async function gathered(link: string, peer: RTCPeerConnection): Promise<string> {
  if (peer.iceGatheringState !== "complete")
    await new Promise<void>((settled) => {
      const timer = setTimeout(settled, GATHER_MS);
      peer.addEventListener("icegatheringstatechange", () => {
        if (peer.iceGatheringState !== "complete") return;
        clearTimeout(timer);
        settled();
      });
    });
  return codeOf(link, peer.localDescription ?? { type: "offer", sdp: "" });
}

/** A channel that is gone as soon as the connection it goes over is, which a browser does not say of the channel itself. */
function channelOf(channel: RTCDataChannel, peer: RTCPeerConnection): Channel {
  return {
    get readyState() {
      return channel.readyState;
    },
    send: (text) => channel.send(text),
    close: () => {
      channel.close();
      // What was sent last still goes.
      setTimeout(() => peer.close(), LAST_MS);
    },
    addEventListener: (type, listener) => {
      channel.addEventListener(type, listener);
      if (type === "close")
        peer.addEventListener("connectionstatechange", (event) => {
          if (peer.connectionState === "failed" || peer.connectionState === "closed") listener(event);
        });
    },
  };
}

function opened(channel: RTCDataChannel, peer: RTCPeerConnection): Promise<Channel | null> {
  return new Promise((settled) => {
    const timer = setTimeout(() => {
      peer.close();
      settled(null);
    }, OPEN_MS);
    const ready = (): void => {
      clearTimeout(timer);
      settled(channelOf(channel, peer));
    };
    if (channel.readyState === "open") ready();
    else channel.addEventListener("open", ready, { once: true });
  });
}

/** What one device shows the other, and what it does with the answer. */
export interface Offer {
  readonly code: string;
  /** Takes the other's answer: the channel, or why there is none; where the two do not find each other, the offer is spent. */
  readonly answered: (code: string) => Promise<Channel | "no-code" | "not-found">;
  readonly drop: () => void;
}

/** Begins a direct line of a link: a code to be shown to the other. */
export async function offerDirect(link: string): Promise<Offer> {
  const peer = connection();
  const channel = peer.createDataChannel("amp-saver");
  await peer.setLocalDescription();
  const code = await gathered(link, peer);
  return {
    code,
    answered: async (answer) => {
      const read = readCode(answer, "answer");
      if (read?.link !== link) return "no-code";
      const taken = await peer.setRemoteDescription(read.description).then(
        () => true,
        () => false,
      );
      return taken ? ((await opened(channel, peer)) ?? "not-found") : "no-code";
    },
    drop: () => peer.close(),
  };
}

/** The answer to the other's code: which link it is of, a code to be shown back, and the channel once both found each other. */
export interface DirectAnswer {
  readonly link: string;
  readonly code: string;
  readonly channel: Promise<Channel | null>;
}

/** Answers the code of the other; null where it is none. */
export async function answerDirect(code: string): Promise<DirectAnswer | null> {
  const read = readCode(code, "offer");
  if (read === null) return null;
  const peer = connection();
  const channel = new Promise<Channel | null>((settled) => {
    peer.addEventListener("datachannel", (event) => void opened(event.channel, peer).then(settled));
    setTimeout(() => settled(null), OPEN_MS);
  });
  const taken = await peer.setRemoteDescription(read.description).then(
    () => true,
    () => false,
  );
  if (!taken) return null;
  await peer.setLocalDescription();
  return { link: read.link, code: await gathered(read.link, peer), channel };
}
