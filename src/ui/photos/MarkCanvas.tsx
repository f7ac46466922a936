'use client'

import type Konva from 'konva'
import { useEffect, useRef, useState } from 'react'
import { Group, Image, Layer, Path, Stage, Text } from 'react-konva'
import { type Mark, type MarkKind, type Shape, shapesOf } from '@/core/marks'

interface MarkCanvasProps {
  address: string
  marks: Mark[]
  /** The mark that is being worked on. */
  chosen: number | null
  tool: MarkKind | null
  onChoose: (index: number | null) => void
  /** A mark drawn with the tool, as shares of the photo. */
  onDraw: (from: [number, number], to: [number, number]) => void
  onMove: (index: number, byX: number, byY: number) => void
}

const COPPER = '#b3541e'
const CHOSEN = '#0b5a53'

/** The photo with its marks, drawn by finger or mouse: with a tool each stroke is a mark, without one marks are moved. */
export function MarkCanvas({ address, marks, chosen, tool, onChoose, onDraw, onMove }: MarkCanvasProps) {
  const box = useRef<HTMLDivElement>(null)
  const picture = usePicture(address)
  const space = useSpace(box)
  const [stroke, setStroke] = useState<{ from: [number, number]; to: [number, number] } | null>(null)
  const scale =
    picture && space ? Math.min(space[0] / picture.naturalWidth, space[1] / picture.naturalHeight) : 0
  const [width, height] = picture ? [picture.naturalWidth * scale, picture.naturalHeight * scale] : [0, 0]
  const at = (stage: Konva.Stage | null): [number, number] | null => {
    const point = stage?.getPointerPosition()
    return point && width > 0 ? [point.x / width, point.y / height] : null
  }
  const begin = ({ target }: Konva.KonvaEventObject<PointerEvent>) => {
    const point = at(target.getStage())
    if (tool && point) setStroke({ from: point, to: point })
    else if (!tool && target.getClassName() === 'Image') onChoose(null)
  }
  const go = ({ target }: Konva.KonvaEventObject<PointerEvent>) => {
    const point = at(target.getStage())
    if (stroke && point) setStroke({ ...stroke, to: point })
  }
  const end = () => {
    if (stroke) onDraw(stroke.from, stroke.to)
    setStroke(null)
  }
  return (
    <div ref={box} className="min-h-0 flex-1 overflow-hidden" style={{ touchAction: 'none' }}>
      {picture && width > 0 ? (
        <Stage
          width={width}
          height={height}
          onPointerDown={begin}
          onPointerMove={go}
          onPointerUp={end}
          onPointerCancel={() => setStroke(null)}
          data-testid="mark-canvas"
        >
          <Layer>
            <Image image={picture} width={width} height={height} />
            {marks.map((mark, index) => (
              <Drawn
                // Marks have no ids: their place in the list is what they are known by.
                key={`${index}-${mark.kind}-${mark.x}-${mark.y}`}
                mark={mark}
                width={width}
                height={height}
                colour={index === chosen ? CHOSEN : COPPER}
                draggable={!tool}
                onChoose={() => onChoose(index)}
                onMove={(byX, byY) => onMove(index, byX / width, byY / height)}
              />
            ))}
            {stroke && tool ? (
              <Drawn
                mark={{
                  kind: tool,
                  x: stroke.from[0],
                  y: stroke.from[1],
                  toX: stroke.to[0],
                  toY: stroke.to[1],
                  text: '',
                }}
                width={width}
                height={height}
                colour={CHOSEN}
                draggable={false}
                onChoose={() => {}}
                onMove={() => {}}
              />
            ) : null}
          </Layer>
        </Stage>
      ) : null}
    </div>
  )
}

interface DrawnProps {
  mark: Mark
  width: number
  height: number
  colour: string
  draggable: boolean
  onChoose: () => void
  onMove: (byX: number, byY: number) => void
}

function Drawn({ mark, width, height, colour, draggable, onChoose, onMove }: DrawnProps) {
  return (
    <Group
      draggable={draggable}
      onPointerDown={onChoose}
      onDragEnd={({ target }) => {
        onMove(target.x(), target.y())
        target.position({ x: 0, y: 0 })
      }}
    >
      {shapesOf(mark, width, height).map((shape) =>
        shape.kind === 'line' ? (
          <Path
            key={shape.path}
            data={shape.path}
            stroke={shape.colour ?? colour}
            strokeWidth={Math.max(2, shape.width)}
            lineCap="round"
            hitStrokeWidth={24}
            shadowColor="#fff"
            shadowBlur={4}
            {...(shape.fill ? { fill: shape.fill } : {})}
          />
        ) : (
          <Words key={shape.text} shape={shape} colour={colour} />
        ),
      )}
    </Group>
  )
}

/** Letters that can be read on a small screen as well, with a light rim. */
function Words({ shape: { x, y, size, text }, colour }: { shape: TextShape; colour: string }) {
  const large = Math.max(14, size)
  return (
    <Text
      x={x}
      y={y - large * 0.8}
      text={text}
      fontSize={large}
      fontStyle="bold"
      fill={colour}
      stroke="#fff"
      strokeWidth={large / 6}
      fillAfterStrokeEnabled
    />
  )
}

type TextShape = Extract<Shape, { kind: 'text' }>

function usePicture(address: string): HTMLImageElement | null {
  const [picture, setPicture] = useState<HTMLImageElement | null>(null)
  useEffect(() => {
    const image = document.createElement('img')
    image.onload = () => setPicture(image)
    image.src = address
    return () => {
      image.onload = null
    }
  }, [address])
  return picture
}

function useSpace(box: React.RefObject<HTMLDivElement | null>): [width: number, height: number] | null {
  const [space, setSpace] = useState<[number, number] | null>(null)
  useEffect(() => {
    const element = box.current
    if (!element) return
    const watch = new ResizeObserver(() => setSpace([element.clientWidth, element.clientHeight]))
    watch.observe(element)
    return () => watch.disconnect()
  }, [box])
  return space
}
