// In which order the bakery writes day, month and year: not the browser's, which may be another country's.
'use client'
import type { ReactNode } from 'react'
import { I18nProvider } from 'react-aria-components'

export const Locale = ({ locale, children }: { locale: string; children: ReactNode }) => (
  <I18nProvider locale={locale}>{children}</I18nProvider>
)
