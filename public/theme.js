// Before the first paint, so that a dark corner never flashes white.
document.documentElement.dataset.bsTheme = localStorage.getItem('tinta.theme')
    ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light')
