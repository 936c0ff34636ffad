export { PLANTED, practiceBake, type Practice } from './faults';
