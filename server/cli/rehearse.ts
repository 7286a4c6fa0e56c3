import { printed } from './printed';
import { rehearseAnswer } from './rehearseAnswer';

printed(rehearseAnswer);
