import type { PotPlan } from '@elixa/contract';
import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils';
import stringify from 'safe-stable-stringify';

/** What names a plan in a log: the SHA-256 of its JSON with its keys in order, in hexadecimal digits. */
export const planHashOf = (plan: PotPlan): string => bytesToHex(sha256(utf8ToBytes(stringify(plan) ?? '')));
