// What opens above the list of cases. Loaded together once the list stands, so that each can be opened while the server is away.
export { assign, assignments } from './assignments'
export { BeginCase } from './BeginCase'
export { ChosenCases } from './ChosenCases'
export { KeepAsTemplate } from './KeepAsTemplate'
export { OpenFile } from './OpenFile'
