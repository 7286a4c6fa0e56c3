const tone = (name) => `rgb(var(--${name}) / <alpha-value>)`;

const spacing = require('tailwindcss/defaultTheme').spacing;
/**
 * Space, boxes and gaps do not grow with the letters: where somebody wants these larger, it is the words that need the
 * room. On paper they shrink with the sheet.
 */
const inPixels = Object.fromEntries(
  Object.entries(spacing).map(([step, size]) => [
    step,
    size.endsWith('rem') ? `calc(${parseFloat(size) * 16} * var(--space))` : size,
  ]),
);

/** @type {import('tailwindcss').Config} */
module.exports = {
  content: ['./app/**/*.tsx', './features/**/*.tsx', './ui/**/*.tsx'],
  presets: [require('nativewind/preset')],
  // Forty custom properties on every element make the browser slow whenever the window or the colours change.
  experimental: { optimizeUniversalDefaults: true },
  theme: {
    spacing: inPixels,
    // In letters, not pixels: twice the text counts as half the screen.
    screens: { sm: '40em', lg: '64em' },
    extend: {
      colors: {
        washi: tone('washi'),
        sheet: tone('sheet'),
        well: tone('well'),
        line: tone('line'),
        edge: tone('edge'),
        ink: tone('ink'),
        soft: tone('soft'),
        iron: tone('iron'),
        'on-iron': tone('on-iron'),
        ember: tone('ember'),
        'on-ember': tone('on-ember'),
        moss: tone('moss'),
      },
      fontFamily: {
        display: ['"Brygada 1918 Variable"', 'Georgia', 'serif'],
        sans: ['"Atkinson Hyperlegible Next Variable"', 'system-ui', 'sans-serif'],
      },
      minHeight: { target: '48px', main: '64px' },
      // What is large already does not outgrow a phone whose letters are set large.
      fontSize: {
        title: ['min(2.25rem, 12vw)', '1.1'],
        metre: ['max(min(2.125rem, 11vw), 2.2vw)', '1.18'],
        large: ['min(3rem, 16vw)', '1.08'],
        huge: ['max(min(4.5rem, 22vw), 5vw)', '1.05'],
        // To be read across the kitchen, on whatever hangs on its wall.
        wall: ['max(2.25rem, min(11vw, 11vh))', '1.12'],
        wallFigure: ['max(4.5rem, min(30vw, 30vh))', '1.05'],
        wallDetail: ['max(1.5rem, min(5vw, 5vh))', '1.3'],
      },
    },
  },
  plugins: [
    // The words of a row: beside what follows them while there is room for a few words, else on a line of their own.
    ({ addUtilities }) => addUtilities({ '.words': { flex: '1 1 0%', minWidth: 'min(9rem, 100%)' } }),
  ],
};
