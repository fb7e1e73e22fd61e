<template>
  <!-- A still for breaks, drawn by us: the marsh at dusk. -->
  <svg viewBox="0 0 1280 720" preserveAspectRatio="xMidYMid slice" role="img" aria-label="The marsh at dusk">
    <rect width="1280" height="720" fill="#2f2530" />
    <rect width="1280" height="430" fill="#6d4538" />
    <circle cx="910" cy="380" r="86" fill="#d9962f" />
    <path d="M0 420q160-36 320 0t320 0 320 0 320 0v300H0z" fill="#1d1a1c" />
    <g fill="none" stroke="#11100f" stroke-width="8" stroke-linecap="round">
      <path
        v-for="x in [90, 130, 180, 240, 1020, 1080, 1150, 1210]"
        :key="x"
        :d="`M${x} 720q${(x % 3) * 14 - 14} -180 ${(x % 5) * 10 - 20} -330`"
      />
    </g>
    <text
      x="640"
      y="200"
      text-anchor="middle"
      font-family="Fraunces Variable, serif"
      font-size="76"
      font-weight="650"
      fill="#fff4de"
    >
      Back soon
    </text>
  </svg>
</template>
