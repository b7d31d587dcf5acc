import { useGesture } from '@use-gesture/react';
import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import { type Extent, fitted, type Frame, groundAt, moveFrom, panned, type View, zoomed } from './view.ts';
import type { Point } from '#core/ground';

/** How far beyond the frame the ground is drawn, a share of its size: it is there already when one pans to it. */
export const BEYOND = 0.35;
/** Drawn anew when it was zoomed by so much, or lay still for so long. */
const MOST_STRETCHED = 2.5;
const STILL_MS = 140;
const WHEEL_A_DOUBLING_PX = 420;
/** Buttons, wind and north lie along the upper edge, px. */
const SIGNS_PX = 48;
/** What lies nearer to the edge than this is not well in sight, px. */
const EDGE_PX = 20;

interface Grab {
  /** Something lies beneath the finger and is moved instead of the ground; null where nothing does. */
  readonly at: (target: Element, ground: Point) => ((moved: Point, isDone: boolean) => void) | null;
}

export interface PlanView {
  /** The view the ground was last drawn for. */
  readonly view: View;
  readonly frame: Frame;
  readonly frameRef: RefObject<HTMLDivElement | null>;
  readonly layerRef: RefObject<HTMLDivElement | null>;
  zoom(times: number): void;
  fit(): void;
  /** Brings a point of the ground into sight. */
  show(point: Point): void;
  middle(): Point;
}

/**
 * Panning, zooming and taking hold by mouse, finger, wheel and keys. While a gesture goes on the finished drawing
 * is moved as a whole, which costs next to nothing however much is on it; it is drawn anew when the hand rests.
 */
export function usePlanView(extent: Extent, grab: Grab): PlanView {
  const frameRef = useRef<HTMLDivElement>(null);
  const layerRef = useRef<HTMLDivElement>(null);
  const [frame, setFrame] = useState<Frame>({ widthPx: 0, heightPx: 0 });
  const [drawn, setDrawn] = useState<View | null>(null);
  const view = drawn ?? fitted(extent, frame, SIGNS_PX);
  /** Where the hand is, between two drawings. */
  const live = useRef(view);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  useEffect(() => {
    const observer = new ResizeObserver(([entry]) =>
      setFrame({ widthPx: entry!.contentRect.width, heightPx: entry!.contentRect.height }),
    );
    observer.observe(frameRef.current!);
    return () => observer.disconnect();
  }, []);
  // Drawn anew, the layer lies where it was drawn for.
  useEffect(() => {
    live.current = view;
    if (layerRef.current) layerRef.current.style.transform = '';
  }, [view]);
  useEffect(() => () => clearTimeout(timer.current), []);

  const draw = useCallback((next: View) => {
    clearTimeout(timer.current);
    setDrawn(next);
  }, []);
  const move = useCallback(
    (next: View) => {
      live.current = next;
      const stretched = next.pxPerM / view.pxPerM;
      const strayed =
        Math.abs(next.leftPx - stretched * view.leftPx) > BEYOND * frame.widthPx ||
        Math.abs(next.topPx - stretched * view.topPx) > BEYOND * frame.heightPx;
      if (strayed || stretched > MOST_STRETCHED || stretched < 1 / MOST_STRETCHED) return draw(next);
      layerRef.current!.style.transform = moveFrom(view, next);
      clearTimeout(timer.current);
      timer.current = setTimeout(() => draw(live.current), STILL_MS);
    },
    [view, frame, draw],
  );
  const inFrame = ([x, y]: readonly [number, number]): readonly [number, number] => {
    const { left, top } = frameRef.current!.getBoundingClientRect();
    return [x - left, y - top];
  };

  useGesture(
    {
      onDrag: ({
        first,
        last,
        event,
        initial,
        delta: [dx, dy],
        movement: [mx, my],
        memo,
        pinching,
        cancel,
      }) => {
        if (pinching) return cancel();
        const [x, y] = inFrame(initial as [number, number]);
        const held = first
          ? grab.at(event.target as Element, groundAt(live.current, x, y))
          : (memo as ReturnType<Grab['at']>);
        if (!held) move(panned(live.current, dx, dy));
        else held({ xM: mx / live.current.pxPerM, yM: my / live.current.pxPerM }, last);
        return held;
      },
      onPinch: ({ origin, delta: [by], first, memo }) => {
        const scaled = first ? 1 : 1 + by / (memo as number);
        const [x, y] = inFrame(origin as [number, number]);
        move(zoomed(live.current, Math.max(0.5, Math.min(2, scaled)), x, y));
        return first ? 1 : (memo as number) + by;
      },
      onWheel: ({ event, delta: [, dy] }) => {
        event.preventDefault();
        if (event.ctrlKey) return;
        const [x, y] = inFrame([event.clientX, event.clientY]);
        move(zoomed(live.current, 2 ** (-dy / WHEEL_A_DOUBLING_PX), x, y));
      },
    },
    {
      target: frameRef,
      eventOptions: { passive: false },
      drag: { filterTaps: true, pointer: { keys: false }, threshold: 3 },
      pinch: { scaleBounds: { min: 0.01, max: 100 } },
    },
  );

  const show = useCallback(
    ({ xM, yM }: Point) => {
      const { leftPx, topPx, pxPerM } = live.current;
      const [x, y] = [leftPx + xM * pxPerM, topPx + yM * pxPerM];
      const isIn = x > EDGE_PX && y > EDGE_PX && x < frame.widthPx - EDGE_PX && y < frame.heightPx - EDGE_PX;
      if (!isIn) draw(panned(live.current, frame.widthPx / 2 - x, frame.heightPx / 2 - y));
    },
    [frame, draw],
  );

  const middleOf = ({ widthPx, heightPx }: Frame) => [widthPx / 2, heightPx / 2] as const;
  return {
    view,
    frame,
    frameRef,
    layerRef,
    zoom: (times) => draw(zoomed(live.current, times, ...middleOf(frame))),
    fit: () => draw(fitted(extent, frame, SIGNS_PX)),
    show,
    middle: () => groundAt(live.current, ...middleOf(frame)),
  };
}
