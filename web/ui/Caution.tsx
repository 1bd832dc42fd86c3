// The standing line where a customer could be hurt.
export const cautionText =
  'Worked out from what you entered. Not legal, medical or laboratory advice: local food law and your supplier’s current specification rule. Someone competent signs each label.'
export const Caution = ({ className = '' }: { className?: string }) => (
  <p className={`text-[12.5px] text-quiet ${className}`}>{cautionText}</p>
)
