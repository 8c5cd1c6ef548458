import type { HouseholdStore } from '../store/household-store.ts';
import type { StoreContext } from '../store/scope.ts';

/** What the routes are made with. */
export type ApiContext = StoreContext;

declare global {
  namespace Express {
    interface Locals {
      /** The store of the household that the request is about: all that its route gets. */
      store: HouseholdStore;
    }
  }
}
