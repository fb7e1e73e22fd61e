<template>
  <!-- Straight down into the wax kettle, drawn by us; its surface turns slowly. -->
  <svg viewBox="0 0 1280 720" role="img" aria-label="The wax kettle from above">
    <defs>
      <radialGradient id="melt" cx="0.42" cy="0.36" r="0.75">
        <stop offset="0" stop-color="#ffeab9" />
        <stop offset="0.55" stop-color="#eec36d" />
        <stop offset="1" stop-color="#a8742b" />
      </radialGradient>
      <radialGradient id="table" cx="0.5" cy="0.5" r="0.8">
        <stop offset="0" stop-color="#4a372b" />
        <stop offset="1" stop-color="#1d1614" />
      </radialGradient>
    </defs>
    <rect width="1280" height="720" fill="url(#table)" />
    <circle cx="640" cy="356" r="322" fill="#2b2728" />
    <circle cx="640" cy="356" r="300" fill="#575558" />
    <circle cx="640" cy="356" r="280" fill="url(#melt)" />
    <g class="turn" fill="none" stroke="#fff4d6" stroke-linecap="round" opacity="0.55">
      <path d="M470 300a190 190 0 0 1 250-120" stroke-width="7" />
      <path d="M812 430a190 190 0 0 1-210 115" stroke-width="6" />
      <path d="M560 372a90 90 0 0 1 96-98" stroke-width="5" />
    </g>
    <g class="ladle">
      <rect x="880" y="120" width="26" height="300" rx="12" transform="rotate(38 893 270)" fill="#6d4d33" />
      <ellipse cx="752" cy="428" rx="62" ry="50" fill="#8c8a8d" />
      <ellipse cx="752" cy="428" rx="48" ry="37" fill="#dba650" />
    </g>
  </svg>
</template>

<style scoped>
.turn {
  transform-origin: 640px 356px;
  animation: turn 26s linear infinite;
}

.ladle {
  transform-origin: 960px 150px;
  animation: stir 6.4s ease-in-out infinite alternate;
}

@keyframes turn {
  to {
    transform: rotate(360deg);
  }
}

@keyframes stir {
  from {
    transform: rotate(-2deg);
  }

  to {
    transform: rotate(3deg);
  }
}
</style>
