// A calendar day, typed or picked: day, month and year in the order of the bakery, whatever the browser's own is.
'use client'
import { type CalendarDate, parseDate } from '@internationalized/date'
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  DateInput,
  DatePicker,
  DateSegment,
  Dialog,
  Group,
  Heading,
  Label,
  Popover,
} from 'react-aria-components'

const dayOf = (iso: string): CalendarDate | null => {
  try {
    return parseDate(iso)
  } catch {
    return null
  }
}

/** `value` and `onChange` are ISO days; '' where none is said, also while one is half typed. */
export function DayField({
  label,
  value,
  onChange,
  from,
  problem,
  className = '',
}: {
  label: string
  value: string
  onChange: (iso: string) => void
  /** The first day that may be picked. */
  from?: string
  /** What is wrong with it. */
  problem?: string | undefined
  className?: string
}) {
  const [day, setDay] = useState(() => dayOf(value))
  // what is half typed is nowhere but in the field: only a day from outside replaces it
  const said = useRef(value)
  useEffect(() => {
    if (value === said.current) return
    said.current = value
    setDay(dayOf(value))
  }, [value])
  const put = (next: CalendarDate | null) => {
    setDay(next)
    said.current = next?.toString() ?? ''
    onChange(said.current)
  }
  const first = from === undefined ? null : dayOf(from)
  return (
    <DatePicker
      value={day}
      onChange={put}
      // "26" is this century's
      onBlur={() => {
        if (day && day.year < 100) put(day.add({ years: 2000 }))
      }}
      isInvalid={problem !== undefined}
      {...(first ? { minValue: first } : {})}
      className={`flex min-w-0 flex-col text-[13px] text-quiet ${className}`}
    >
      <Label>{label}</Label>
      <Group className="field flex items-center gap-1 !py-0 !pr-1 text-ink data-[focus-within]:outline-2 data-[focus-within]:outline-damson">
        <DateInput className="figure flex min-w-0 flex-1 whitespace-nowrap">
          {segment => (
            <DateSegment
              segment={segment}
              className="rounded-sm px-px outline-none data-[focused]:bg-damson data-[focused]:text-pane data-[placeholder]:text-quiet"
            />
          )}
        </DateInput>
        <Button
          aria-label={`Pick a day: ${label}`}
          className="grid size-[24px] shrink-0 place-items-center pointer-coarse:size-[44px]"
        >
          <CalendarDays size={15} aria-hidden />
        </Button>
      </Group>
      {problem !== undefined && <span className="text-breaks">{problem}</span>}
      <Popover className="rounded-lg border-2 border-navy bg-pane p-2 text-ink">
        <Dialog className="outline-none">
          <Calendar firstDayOfWeek="mon">
            <header className="flex items-center gap-2 pb-1">
              <Button slot="previous" className="grid size-[32px] place-items-center pointer-coarse:size-[44px]">
                <ChevronLeft size={18} aria-hidden />
              </Button>
              <Heading className="flex-1 text-center text-base" />
              <Button slot="next" className="grid size-[32px] place-items-center pointer-coarse:size-[44px]">
                <ChevronRight size={18} aria-hidden />
              </Button>
            </header>
            <CalendarGrid className="figure">
              {date => (
                <CalendarCell
                  date={date}
                  className="grid size-[34px] cursor-pointer pointer-coarse:size-[44px] place-items-center rounded-md outline-none data-[disabled]:text-hair data-[focus-visible]:outline-2 data-[focus-visible]:outline-damson data-[hovered]:bg-page data-[outside-month]:text-hair data-[selected]:bg-damson data-[selected]:text-pane"
                />
              )}
            </CalendarGrid>
          </Calendar>
        </Dialog>
      </Popover>
    </DatePicker>
  )
}
