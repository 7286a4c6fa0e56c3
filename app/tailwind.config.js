/** @type {import('tailwindcss').Config} */
module.exports = {
  content: ['./app/**/*.tsx', './features/**/*.tsx', './ui/**/*.tsx'],
  presets: [require('nativewind/preset')],
  theme: {},
};
