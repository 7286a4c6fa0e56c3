import * as Comlink from 'comlink';
Comlink.expose({ plan: () => 1 });
