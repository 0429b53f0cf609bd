export function Mark() {
  return (
    <svg width="32" height="26" viewBox="0 0 32 26" aria-hidden="true">
      <path d="M2 3h9v6h8v8h-8v6H2z" fill="none" stroke="#F7F8F3" strokeWidth="2" />
      <path d="M30 3H15v2.5M30 3v20H15v-2.5M30 3" fill="none" stroke="#F7F8F3" strokeWidth="2" />
      <circle cx="15" cy="13" r="2.8" fill="#E2B437" />
    </svg>
  )
}
