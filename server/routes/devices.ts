import {
  deviceIdSchema,
  hobSetSchema,
  pourSchema,
  probePlaceSchema,
  type DeviceId,
  type DeviceList,
} from '@elixa/contract';
import { Router, type Request, type Response } from 'express';
import type { Device } from '../devices/device';
import type { Hob } from '../devices/hob';
import type { KitchenScale } from '../devices/kitchenScale';
import { oneOwner } from '../devices/oneOwner';
import type { ProbeThermometer } from '../devices/probeThermometer';
import { validBody } from '../http/validate';

export interface Devices {
  scale: KitchenScale;
  probe: ProbeThermometer;
  hob: Hob;
}

/** Readings as they come, to one tab at a time: `?by=` names it, `?take=1` takes the device from whoever reads it. */
function readings(device: Device<object>) {
  const owned = oneOwner(device);
  let strangers = 0;
  return ({ query }: Request, response: Response) => {
    response.set({ 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform' });
    response.flushHeaders();
    strangers += 1;
    const id = typeof query.by === 'string' ? query.by : `stranger ${strangers}`;
    const onTaken = () => response.end('event: taken\ndata: {}\n\n');
    const onReading = (reading: object) => response.write(`data: ${JSON.stringify(reading)}\n\n`);
    const stop = owned.take({ id, onReading, onTaken }, query.take === '1');
    if (stop) response.on('close', stop);
    else onTaken();
  };
}

/** The devices of the kitchen: their readings, what they can be told, and, for stand-ins, what is done to them. */
export function deviceRoutes({ scale, probe, hob }: Devices): Router {
  const router = Router();
  const isPractice: Record<DeviceId, boolean> = {
    scale: scale.pour !== undefined,
    probe: probe.putInto !== undefined,
    hob: hob.turn !== undefined,
  };
  router.get('/', (_request, response) => {
    const list: DeviceList = { devices: deviceIdSchema.options.map((id) => ({ id, isPractice: isPractice[id] })) };
    response.json(list);
  });
  router.get('/scale/readings', readings(scale));
  router.get('/probe/readings', readings(probe));
  router.get('/hob/readings', readings(hob));
  const told = (where: string, act: (body: unknown) => void) =>
    router.post(where, ({ body }: Request, response) => {
      act(body);
      response.status(204).end();
    });
  told('/scale/tare', () => scale.tare());
  if (scale.pour) told('/scale/pour', (body) => scale.pour?.(validBody(pourSchema, body).massG));
  if (probe.putInto) told('/probe/place', (body) => probe.putInto?.(validBody(probePlaceSchema, body)));
  told('/hob/set', (body) => hob.set(validBody(hobSetSchema, body).share));
  if (hob.turn) told('/hob/turn', (body) => hob.turn?.(validBody(hobSetSchema, body).share));
  return router;
}
