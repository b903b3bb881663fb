import { expose } from 'comlink';
import { planningWork } from './planningWork';

expose(planningWork);
