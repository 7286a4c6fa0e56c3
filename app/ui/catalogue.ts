import { CATALOGUE, type Catalogue } from '@elixa/core';
import { createContext, useContext } from 'react';

const Context = createContext<Catalogue>(CATALOGUE);
export const CatalogueProvider = Context.Provider;

/** Where ingredients are looked up: on the pages of an evening the cook's own things too. */
export const useCatalogue = (): Catalogue => useContext(Context);
