import { extendTailwindMerge } from 'tailwind-merge';

const merge = extendTailwindMerge({
  extend: {
    classGroups: {
      'min-h': [{ 'min-h': ['target', 'main'] }],
      'font-size': [{ text: ['title', 'metre', 'large', 'huge', 'wall', 'wallFigure', 'wallDetail'] }],
    },
  },
});

/** Class names put together so that the later one of two that contradict each other wins. */
export const classes = (...names: Array<string | false | undefined>) => merge(names.filter(Boolean).join(' '));
