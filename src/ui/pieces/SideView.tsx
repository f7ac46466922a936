import type { ReactNode } from 'react'

export interface SideMotor {
  name: string
  bodyLengthMm: number | null
  diameterMm: number | null
  shaftLengthMm: number | null
  shaftDiameterMm: number | null
  /** From the mounting plane to the motor's face. */
  mountToFaceMm: number
  studLengthMm: number | null
  flatMm: number | null
  /** The shaft behind the motor's back, where it has one. */
  secondLengthMm: number | null
}

interface SideViewProps {
  old: SideMotor
  fresh: SideMotor
  /** From the mounting plane to the hub's motor side: the same for both. */
  hubFromPlaneMm: number | null
  hubGripMm: number | null
  /** From the mounting plane back to the second hub, on a motor with two ends. */
  secondHubFromPlaneMm: number | null
  secondGripMm: number | null
  cutMm: number
  gripMm: number | null
  markMm: number | null
  /** Lengths in the person's units, with the unit. */
  said: (mm: number) => string
  label: string
  /** What sits on the hub: the blade of a propeller, or a wheel with its slats. */
  carries: 'blade' | 'wheel'
}

/** Where nobody has measured a body it is drawn at the size of a common one, dashed. */
const BODY = { length: 110, diameter: 140, shaft: 12.7, reach: 100 }
/** Never narrower than the words above it. */
const NARROWEST = 440
const ROW = 250
const MARGIN = 24

/** Old above new, to scale, on one mounting plane: where the hub sits, how much of it is held, what is cut. */
export function SideView(props: SideViewProps) {
  const { old, fresh, hubFromPlaneMm, label } = props
  const behind = Math.max(
    ...[old, fresh].map(
      (motor) => (motor.bodyLengthMm ?? BODY.length) + (motor.secondLengthMm ?? 0) - motor.mountToFaceMm,
    ),
    (props.secondHubFromPlaneMm ?? 0) + 20,
  )
  const ahead = Math.max(
    ...[old, fresh].map((motor) => motor.mountToFaceMm + (motor.shaftLengthMm ?? BODY.reach)),
    (hubFromPlaneMm ?? 0) + (props.hubGripMm ?? 0) + 20,
  )
  const tall = Math.max(old.diameterMm ?? BODY.diameter, fresh.diameterMm ?? BODY.diameter)
  const scale = (ROW - 90) / tall
  const width = Math.max(NARROWEST, (behind + ahead) * scale + 2 * MARGIN)
  const plane = MARGIN + behind * scale
  const hub = hubFromPlaneMm === null ? null : plane + hubFromPlaneMm * scale
  return (
    <figure>
      <svg
        viewBox={`0 0 ${width} ${2 * ROW + 20}`}
        className="h-auto max-h-[560px] w-full"
        role="img"
        aria-label={label}
      >
        <path d={`M${plane} 26V${2 * ROW + 8}`} stroke="var(--ink)" strokeDasharray="6 5" />
        <text x={plane - 6} y="20" textAnchor="end" className="fill-soft text-[13px]">
          mounting plane
        </text>
        {hub === null ? null : (
          <>
            <path d={`M${hub} 26V${2 * ROW + 8}`} stroke="var(--teal)" strokeDasharray="6 5" />
            <text x={hub + 6} y="20" className="fill-teal text-[13px]">
              hub, where it must sit
            </text>
          </>
        )}
        {props.secondHubFromPlaneMm === null ? null : (
          <path
            d={`M${plane - props.secondHubFromPlaneMm * scale} 46V${2 * ROW + 8}`}
            stroke="var(--teal)"
            strokeDasharray="6 5"
          />
        )}
        <Row {...props} motor={old} top={30} plane={plane} scale={scale} isNew={false} />
        <Row {...props} motor={fresh} top={ROW + 30} plane={plane} scale={scale} isNew />
      </svg>
      <figcaption className="caption">Drawn to scale. What is dashed is not measured.</figcaption>
    </figure>
  )
}

function Row({
  motor,
  top,
  plane,
  scale,
  isNew,
  hubFromPlaneMm,
  hubGripMm,
  secondHubFromPlaneMm,
  secondGripMm,
  cutMm,
  gripMm,
  said,
  carries,
}: SideViewProps & { motor: SideMotor; top: number; plane: number; scale: number; isNew: boolean }) {
  const middle = top + (ROW - 60) / 2
  const known = motor.bodyLengthMm !== null && motor.diameterMm !== null
  const length = (motor.bodyLengthMm ?? BODY.length) * scale
  const height = (motor.diameterMm ?? BODY.diameter) * scale
  const shaft = Math.max(4, (motor.shaftDiameterMm ?? BODY.shaft) * scale)
  const face = plane + motor.mountToFaceMm * scale
  const reach = (motor.shaftLengthMm ?? BODY.reach) * scale
  const hub = hubFromPlaneMm === null ? null : plane + hubFromPlaneMm * scale
  const ink = isNew ? 'var(--ink)' : 'var(--soft)'
  return (
    <g stroke={ink} fill="none" strokeWidth="1.8">
      <text x="4" y={top + 14} stroke="none" className="fill-ink text-[14px] font-bold">
        {isNew ? 'new' : 'old'}
      </text>
      <Body x={face - length} y={middle - height / 2} width={length} height={height} dashed={!known} />
      <text
        x={face - length / 2}
        y={middle + 5}
        textAnchor="middle"
        stroke="none"
        className="fill-ink text-[13px] font-bold"
      >
        {motor.name.slice(0, Math.max(6, Math.floor(length / 8)))}
      </text>
      <rect
        x={face}
        y={middle - shaft / 2}
        width={reach}
        height={shaft}
        fill="var(--ground)"
        strokeDasharray={motor.shaftLengthMm === null ? '5 4' : undefined}
      />
      {motor.secondLengthMm === null ? null : (
        <rect
          x={face - length - motor.secondLengthMm * scale}
          y={middle - shaft / 2}
          width={motor.secondLengthMm * scale}
          height={shaft}
          fill="var(--ground)"
        />
      )}
      {secondHubFromPlaneMm === null ? null : (
        <g transform={`translate(${2 * (plane - secondHubFromPlaneMm * scale)} 0) scale(-1 1)`}>
          <Hub
            x={plane - secondHubFromPlaneMm * scale}
            middle={middle}
            grip={(secondGripMm ?? 20) * scale}
            carries={carries}
          />
        </g>
      )}
      {motor.flatMm === null ? null : (
        <path d={`M${face + reach - motor.flatMm * scale} ${middle - shaft / 4}H${face + reach}`} />
      )}
      {motor.studLengthMm === null
        ? null
        : [-0.33, 0.33].map((part) => (
            <path
              key={part}
              d={`M${face} ${middle + part * height}h${(motor.studLengthMm ?? 0) * scale}`}
              strokeWidth="4"
            />
          ))}
      {hub === null ? null : (
        <Hub x={hub} middle={middle} grip={(hubGripMm ?? 20) * scale} carries={carries} />
      )}
      {hub === null || hubFromPlaneMm === null ? null : (
        <Dimension
          from={face}
          to={hub}
          y={middle + height / 2 + 8}
          text={said(hubFromPlaneMm - motor.mountToFaceMm)}
        />
      )}
      {isNew && gripMm !== null && hub !== null ? (
        <Dimension
          from={hub}
          to={hub + gripMm * scale}
          y={middle + height / 2 + 30}
          text={`grip ${said(gripMm)}`}
          colour="var(--teal)"
        />
      ) : null}
      {isNew && cutMm > 0 ? (
        <>
          <path
            d={`M${face + reach - cutMm * scale} ${middle - 24}v48`}
            stroke="var(--stop)"
            strokeWidth="2.4"
          />
          <Dimension
            from={face + reach - cutMm * scale}
            to={face + reach}
            y={middle - 34}
            text={`cut ${said(cutMm)}`}
            colour="var(--stop)"
            above
          />
        </>
      ) : null}
    </g>
  )
}

function Body({
  x,
  y,
  width,
  height,
  dashed,
}: {
  x: number
  y: number
  width: number
  height: number
  dashed: boolean
}): ReactNode {
  return (
    <>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        rx="8"
        fill="var(--surface)"
        strokeDasharray={dashed ? '6 5' : undefined}
      />
      <path d={`M${x + 9} ${y}v${height}M${x + width - 9} ${y}v${height}`} strokeWidth="1" />
    </>
  )
}

interface HubProps {
  x: number
  middle: number
  grip: number
  carries: SideViewProps['carries']
}

/** The hub with the root of its blade, or with the plate and the slats of its wheel. */
function Hub({ x, middle, grip, carries }: HubProps) {
  const root = x + grip / 2
  return (
    <g stroke="var(--teal)">
      {carries === 'blade' ? (
        <path
          d={`M${root} ${middle - 18}c10 -20 4 -34 2 -52M${root} ${middle + 18}c-10 20 -4 34 -2 52`}
          strokeWidth="4"
        />
      ) : (
        <path
          d={[-1, 1]
            .map(
              (side) =>
                `M${root} ${middle + side * 18}V${middle + side * 74}M${root - 26} ${middle + side * 74}h52M${root - 26} ${middle + side * 60}h52${[-26, -13, 13, 26].map((at) => `M${root + at} ${middle + side * 60}V${middle + side * 74}`).join('')}`,
            )
            .join('')}
          strokeWidth="2.4"
        />
      )}
      <rect x={x} y={middle - 18} width={Math.max(6, grip)} height="36" fill="var(--teal-wash)" />
    </g>
  )
}

function Dimension({
  from,
  to,
  y,
  text,
  colour = 'var(--ink)',
  above = false,
}: {
  from: number
  to: number
  y: number
  text: string
  colour?: string
  above?: boolean
}) {
  return (
    <g stroke={colour}>
      <path d={`M${from} ${y - 5}v10M${to} ${y - 5}v10M${from} ${y}H${to}`} strokeWidth="1.2" />
      <text
        x={(from + to) / 2}
        y={above ? y - 8 : y + 15}
        textAnchor="middle"
        stroke="none"
        fill={colour}
        className="text-[13px] font-bold"
      >
        {text}
      </text>
    </g>
  )
}
