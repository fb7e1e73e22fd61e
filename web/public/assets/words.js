// Searching: what does not hold the text that is sought goes out of sight, and racks that are empty by that.
;(() => {
  const field = document.getElementById('find')
  field.parentElement.hidden = false
  const search = () => {
    const wanted = field.value.trim().toLowerCase()
    let found = 0
    for (const section of document.querySelectorAll('section')) {
      let here = 0
      for (const word of section.querySelectorAll('.word')) {
        word.hidden = !word.textContent.toLowerCase().includes(wanted)
        here += word.hidden ? 0 : 1
      }
      section.hidden = here === 0
      found += here
    }
    document.getElementById('none').hidden = found > 0
  }
  field.addEventListener('input', search)
})()
