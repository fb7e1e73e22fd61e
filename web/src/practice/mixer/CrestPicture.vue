<template>
  <!-- The sign of the evening, drawn by us: a taper between two reeds. -->
  <svg viewBox="0 0 110 110" role="img" aria-label="Crest of the Candle Hour">
    <circle cx="55" cy="55" r="52" fill="#fff4de" opacity="0.92" />
    <circle cx="55" cy="55" r="46" fill="none" stroke="#9e2b25" stroke-width="3" />
    <rect x="49" y="44" width="12" height="44" rx="4" fill="#c8841a" />
    <path d="M55 20c7 10 9 14 9 18a9 9 0 0 1-18 0c0-4 2-8 9-18z" fill="#9e2b25" />
    <path
      d="M34 88c-6-20-4-36 4-50M76 88c6-20 4-36-4-50"
      fill="none"
      stroke="#2f7468"
      stroke-width="4"
      stroke-linecap="round"
    />
  </svg>
</template>
