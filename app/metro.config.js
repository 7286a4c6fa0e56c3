const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

// Zod re-exports its messages in fifty languages; the bundler cannot tell that nobody asks for them. English is imported
// by its own path and stays.
const isAllLanguages = (origin, name) => name === '../locales/index.js' && /[\\/]zod[\\/]/.test(origin);

// Parts of the interface library and of the router that no page here draws. Both hand out everything they have from one
// index, which the bundler ships whole; what stands in for these says so if anybody should draw it after all.
const NOT_SHIPPED = [
  /react-native-web[\\/]dist[\\/]exports[\\/](Animated|Button|CheckBox|FlatList|ImageBackground|PanResponder|Picker|ProgressBar|RefreshControl|SectionList|Switch|TouchableHighlight|TouchableNativeFeedback|TouchableOpacity|TouchableWithoutFeedback|VirtualizedList)[\\/]index\.js$/,
  /expo-router[\\/]build[\\/](react-navigation[\\/](bottom-tabs|native-stack|drawer)|native-tabs|layouts[\\/]stack-utils|link[\\/]preview)[\\/]index\.js$/,
  /expo-router[\\/]build[\\/]views[\\/]Sitemap\.js$/,
  /expo-router[\\/]build[\\/](native-tabs[\\/]NativeTabTrigger|link[\\/]preview[\\/]HrefPreview|fork[\\/]native-stack[\\/]createNativeStackNavigator|react-navigation[\\/]core[\\/]StaticNavigation|react-navigation[\\/]routers[\\/](TabRouter|DrawerRouter))\.js$/,
  /react-native-screens[\\/](lib|src)[\\/].*index(\.[jt]sx?)?$/,
  // Documents are checked; they are neither made from a schema for JSON nor turned into one here, nor checks into code.
  /zod[\\/]v4[\\/](core[\\/](compile|json-schema-processors|json-schema-generator)|classic[\\/]from-json-schema)\.js$/,
  // Ids are drawn by chance; the other ways of making them are not used.
  /uuid[\\/]dist[\\/](.*[\\/])?(md5|sha1|v1|v1ToV6|v3|v35|v5|v6|v6ToV1|v7|parse|version)\.js$/,
];
// These libraries ship a build without their checks for developers, which the bundler does not find by itself.
const IN_PRODUCTION = {
  '@reduxjs/toolkit': 'redux-toolkit.browser.mjs',
  '@reduxjs/toolkit/query': 'query/rtk-query.browser.mjs',
  '@reduxjs/toolkit/query/react': 'query/react/rtk-query-react.browser.mjs',
  immer: 'immer.production.mjs',
  'react-redux': 'react-redux.browser.mjs',
  redux: 'redux.browser.mjs',
  reselect: 'reselect.browser.mjs',
};
const isProduction = process.env.NODE_ENV === 'production';

/** Its file of a library's own folder `dist`, which lies beside what the library would be resolved to. */
function inProduction(name, resolve) {
  const file = isProduction && Object.hasOwn(IN_PRODUCTION, name) ? IN_PRODUCTION[name] : undefined;
  if (!file) return undefined;
  const { filePath } = resolve();
  const dist = `${path.sep}dist${path.sep}`;
  return path.join(filePath.slice(0, filePath.lastIndexOf(dist) + dist.length), file);
}

// Gestures run without the library of animations, which they would otherwise bring along; nothing here is animated by it.
const isForAnimation = (origin, name) =>
  name === 'react-native-reanimated' && /[\\/]react-native-gesture-handler[\\/]/.test(origin);

const STAND_IN = path.join(__dirname, 'notShipped.js');

config.resolver.resolveRequest = (context, name, platform) => {
  if (isAllLanguages(context.originModulePath, name)) return { type: 'empty' };
  if (isForAnimation(context.originModulePath, name)) return { type: 'empty' };
  const shipped = inProduction(name, () => context.resolveRequest(context, name, platform));
  if (shipped) return { type: 'sourceFile', filePath: shipped };
  const resolved = context.resolveRequest(context, name, platform);
  const isLeftOut = resolved.type === 'sourceFile' && NOT_SHIPPED.some((left) => left.test(resolved.filePath));
  return isLeftOut ? { type: 'sourceFile', filePath: STAND_IN } : resolved;
};

// A module is run when something of it is first used, not when the page is opened.
const { getTransformOptions } = config.transformer;
config.transformer.getTransformOptions = async (...asked) => {
  const options = await getTransformOptions?.(...asked);
  return { ...options, transform: { ...options?.transform, inlineRequires: true } };
};

module.exports = withNativeWind(config, { input: './global.css' });
