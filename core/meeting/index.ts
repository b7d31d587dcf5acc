export { meet, ownFields, versionOf, type Meeting } from './meeting.ts';
