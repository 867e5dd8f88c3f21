/** Imported by the tests before all else: a rule that throws ends the test. */
import { rethrowFaults } from './faults'

rethrowFaults()
