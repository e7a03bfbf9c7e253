import type { MotorStartInput } from "../src/study/motor-start/index.ts";

/**
 * The start as a circuit for ngspice: T circuits for the q and d axes, controlled sources for the
 * speed voltages and the turns ratio, capacitors as integrators for speed and revolutions. Written
 * apart from the product's equations; step and tolerances are fixed here.
 */
export function netlistOf(input: MotorStartInput, dataFile: string): string {
  const { motor: m, load, source } = input;
  const w = 2 * Math.PI * m.hz;
  const a = m.turnsRatio;
  const lm = m.xm / w;
  const l2 = m.x2 / w;
  const pairs = m.poles / 2;
  const torque = `${pairs * lm}*(i(vq)*i(vdr)-i(vd)*i(vqr))`;
  const asked = `${load.ratedNm}*(${load.breakaway}+${load.build}*min(1,v(rev)/${load.buildRevs}))`;
  return `capacitor-run motor, direct start
vs src 0 sin(0 ${source.volts * Math.SQRT2} ${m.hz} 0 0 ${source.closingDeg})
rs src s1 ${source.seriesOhm}
ls s1 line ${source.seriesH} ic=0
* main winding, q axis
vq line q0 0
r1 q0 q1 ${m.r1}
l1 q1 mq ${m.x1 / w} ic=0
lmq mq 0 ${lm} ic=0
l2q rq1 mq ${l2} ic=0
r2q rq2 rq1 ${m.r2}
vqr rq3 rq2 0
bq rq3 0 v=${pairs}*v(w)*(${lm}*(i(vd)+i(vdr))+${l2}*i(vdr))
* auxiliary winding referred to main, d axis
bd d0 0 v=(v(line)-v(vc))/${a}
vd d0 d1 0
ra d1 d2 ${m.ra / (a * a)}
la d2 md ${m.xa / w / (a * a)} ic=0
lmd md 0 ${lm} ic=0
l2d rd1 md ${l2} ic=0
r2d rd2 rd1 ${m.r2}
vdr rd3 rd2 0
bdr rd3 0 v=-${pairs}*v(w)*(${lm}*(i(vq)+i(vqr))+${l2}*i(vqr))
* the line also carries the auxiliary's current; its capacitor
baux line 0 i=i(vd)/${a}
bcap 0 vc i=i(vd)/${a}
crun vc 0 ${input.runCapacitorF} ic=0
* shaft
bt 0 w i=v(w)>0 ? (${torque})-(${asked}) : max(0,(${torque})-(${asked}))
cj w 0 ${m.inertiaKgM2} ic=0
brev 0 rev i=v(w)/6.283185307179586
crev rev 0 1 ic=0
rw w 0 1e12
rrev rev 0 1e12
.options reltol=1e-5
.tran 50u ${input.seconds} 0 50u uic
.control
run
rusage
linearize i(vs) v(w)
set wr_vecnames
wrdata ${dataFile} i(vs) v(w)
quit
.endc
.end
`;
}
