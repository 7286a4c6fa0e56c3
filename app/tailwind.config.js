const tone = (name) => `rgb(var(--${name}) / <alpha-value>)`;

/** @type {import('tailwindcss').Config} */
module.exports = {
  content: ['./app/**/*.tsx', './features/**/*.tsx', './ui/**/*.tsx'],
  presets: [require('nativewind/preset')],
  theme: {
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
    },
  },
};
