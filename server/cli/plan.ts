import { planAnswer } from './planAnswer';
import { printed } from './printed';

printed(planAnswer);
