import type { PropertySummary } from '@etappe/core';
import { PlusOutlined } from '@ant-design/icons';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link } from 'react-router';
import { CompanyHead } from '../lists/company-head.tsx';
import { Pager, useListQuery } from '../lists/list-query.tsx';
import '../lists/lists.css';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { say } from '../messages/properties.ts';

const NewJobDialog = lazy(async () => ({
  default: (await import('../new-job/new-job-dialog.tsx')).NewJobDialog,
}));
const ContactDialog = lazy(async () => ({ default: (await import('./contact-dialog.tsx')).ContactDialog }));

/** Customers with their properties and the jobs on each: where the next job on a known property begins. */
export function PropertiesPage() {
  const { query, set } = useListQuery();
  const properties = useQuery({
    queryKey: queryKeys.propertyList(query),
    queryFn: () => server.properties(query),
    placeholderData: keepPreviousData,
  });
  const customers = useQuery({ queryKey: queryKeys.customers, queryFn: server.customers });
  const [job, setJob] = useState<PropertySummary | null>(null);
  const [contact, setContact] = useState<string | null>(null);
  const shown = properties.data?.properties ?? [];
  const customer = customers.data?.customers.find((c) => c.id === contact);
  return (
    <div className="jobs-page">
      <CompanyHead />
      <main>
        <div className="jobs-bar">
          <h2>{say('properties')}</h2>
          <label className="jobs-find">
            <span className="visually-hidden">{say('find-a-property')}</span>
            <input
              type="search"
              placeholder={say('find-a-property-or-customer')}
              value={query.find}
              onChange={(event) => {
                set({ find: event.target.value, from: '' });
              }}
            />
          </label>
        </div>
        {properties.error && (
          <Alert
            type="warning"
            showIcon
            title={say('properties-cannot-be-loaded-right')}
            description={say('retrying-automatically', { message: properties.error.message })}
          />
        )}
        {properties.isPending && (
          <div className="jobs-skeleton" role="status" aria-label={say('loading-properties')} />
        )}
        {shown.length > 0 && (
          <table className="jobs-table properties-table">
            <thead>
              <tr>
                <th>{say('customer')}</th>
                <th>{say('property')}</th>
                <th>{say('jobs-newest-first')}</th>
                <th>{say('surfaces')}</th>
                <th>
                  <span className="visually-hidden">{say('new-job')}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {shown.map((property, i) => (
                <tr key={property.id}>
                  <td>
                    {property.customerId !== null && property.customer !== shown[i - 1]?.customer && (
                      <Button
                        type="link"
                        className="customer-name"
                        onClick={() => {
                          setContact(property.customerId);
                        }}
                      >
                        {property.customer}
                      </Button>
                    )}
                    {property.customerId === null && <span className="quiet">{say('no-customer-yet')}</span>}
                  </td>
                  <td>
                    {property.name || <span className="quiet">{say('without-a-name')}</span>}
                    <div className="quiet">{property.address}</div>
                  </td>
                  <td>
                    <ul className="property-jobs">
                      {property.jobs.map((j) => (
                        <li key={j.id}>
                          <Link to={`/jobs/${j.id}/walk`}>{j.name}</Link>{' '}
                          <span className="figure quiet">{j.start ?? say('no-day-yet')}</span>
                        </li>
                      ))}
                    </ul>
                  </td>
                  <td className="figure">{property.surfaces}</td>
                  <td>
                    <Button
                      icon={<PlusOutlined />}
                      onClick={() => {
                        setJob(property);
                      }}
                      aria-label={say('new-job-on', { name: property.name })}
                    >
                      {say('new-job')}
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {properties.data && <Pager query={query} total={properties.data.total} set={set} />}
        {properties.data && shown.length === 0 && (
          <div className="jobs-empty hairline">
            <h3>
              {query.find ? say('no-property-matches', { find: query.find }) : say('no-properties-yet')}
            </h3>
            <p className="quiet">
              {query.find ? say('clear-the-search-to-see') : say('a-property-comes-with-its')}
            </p>
          </div>
        )}
      </main>
      <Suspense>
        {job && (
          <NewJobDialog
            property={job}
            close={() => {
              setJob(null);
            }}
          />
        )}
        {customer && (
          <ContactDialog
            customer={customer}
            close={() => {
              setContact(null);
            }}
          />
        )}
      </Suspense>
    </div>
  );
}
